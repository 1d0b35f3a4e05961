import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { VUETIFY_THEMES } from './themes'

/** A list in which nothing answers to what was typed. */
const NOTHING = 'Nothing answers to that'

/** The library of the fields, as this program uses it. */
export const fields = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: { defaultTheme: 'day', themes: VUETIFY_THEMES },
  defaults: {
    VTextField: { variant: 'underlined', density: 'comfortable', hideDetails: 'auto', color: 'primary' },
    VAutocomplete: {
      variant: 'underlined',
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'primary',
      noDataText: NOTHING,
    },
    VCombobox: {
      variant: 'underlined',
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'primary',
      noDataText: NOTHING,
    },
    VSelect: {
      variant: 'underlined',
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'primary',
      noDataText: NOTHING,
    },
  },
})

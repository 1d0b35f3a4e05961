/** The three themes' Vuetify colours; the rest of the look stands in main.css under its own names. */
export const VUETIFY_THEMES = {
  day: {
    dark: false,
    colors: {
      'background': '#f2eada',
      'surface': '#faf5e8',
      'on-surface': '#23251f',
      'primary': '#23251f',
      'secondary': '#5d5947',
      'error': '#9c2412',
      'accent': '#b8321a',
    },
  },
  glare: {
    dark: false,
    colors: {
      'background': '#ffffff',
      'surface': '#ffffff',
      'on-surface': '#000000',
      'primary': '#000000',
      'secondary': '#303030',
      'error': '#9c0f00',
      'accent': '#9c0f00',
    },
  },
  night: {
    dark: true,
    colors: {
      'background': '#0e0806',
      'surface': '#170d09',
      'on-surface': '#d98b68',
      'primary': '#d98b68',
      'secondary': '#b0704f',
      'error': '#ff6a3d',
      'accent': '#ff6a3d',
    },
  },
}

/** What the fields of a reading are called where they are spoken of alone. */
export const READING_LABELS: Readonly<Record<string, string>> = {
  temperatureC: 'the water’s temperature',
  visibilityM: 'how far a lure is seen',
  fishFromM: 'the depth of the fish',
  currentMs: 'the stream',
  windMs: 'the wind',
  forage: 'the length of what they eat',
  mood: 'their mood',
}

export { inWords, type Speaker, speakerIn } from './speaker'

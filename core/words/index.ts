export {
  capital,
  ENGLISH,
  inEnglish,
  lower,
  speak,
  speakArg,
  type Arg,
  type Args,
  type Figure,
  type MessageId,
  type Said,
  type Several,
  type Speech,
  type Word,
  type WordFile,
} from './speak.js';
export { refusalOf } from './refusal.js';
export { EN } from './data/en/index.js';

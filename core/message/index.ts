export {
  type Joined,
  type Message,
  message,
  type MessageCode,
  MESSAGES,
  type Quantity,
  type Said,
  says,
  type Told,
  type Value,
} from './message'

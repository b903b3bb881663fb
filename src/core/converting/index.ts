export { converted, type Converted } from './converted';

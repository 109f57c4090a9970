export { batchOf } from '../features/bench/api'
export { bowlFacts } from '../features/bench/facts'

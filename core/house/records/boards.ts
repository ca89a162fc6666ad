import { pastBoardSchema } from '../../plan/index.js';
import { record } from '../record.js';

/** What was eaten at boards of one's own: the log that the school "From your log" follows. */
export const boards = record({
  title: 'Log of boards',
  one: 'board',
  none: 'What was eaten at a board, noted once, serves every plan.',
  version: 1,
  schema: pastBoardSchema,
  keyOf: (b) => b.name,
  nameOf: (b) => b.name,
  migrations: [],
  most: 200,
});

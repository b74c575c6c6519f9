/** What the log's list asks for: search, and its file. */
export {
  EVERYTHING,
  filterLog,
  groupLog,
  searchText,
  type LogFilter,
  type LogGroup,
  type LogGroupBy,
} from '../cleaning/logSearch';
export { readLogCsv, writeLogCsv } from '../exchange/logCsv';
export { joinPlaces, type PlaceAnswers } from '../cleaning/joinPlaces';

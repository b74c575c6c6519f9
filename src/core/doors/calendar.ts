/** What puts a wait into a calendar. */
export { calendarFile, type CalendarEvent } from '../calendar/calendarFile';
export { timerEvents } from '../cleaning/timer';

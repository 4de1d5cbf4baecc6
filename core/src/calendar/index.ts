/** A class in other people's calendars (RFC 5545). */
export { classCalendar, type CalendarOf } from './class-calendar.ts';

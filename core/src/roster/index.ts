/**
 * Who comes and where they stand: rosters read from text and CSV, bookings taken from a feed, people seated and moved, and what each
 * of them bakes instead of what they avoid. Begin with `read-roster.ts`. Every change goes from one class record to the next.
 */
export { freeWordIn, readAvoided } from './avoided-words.ts';
export { readRoster, type BadRow, type ColumnReading, type GuestRow, type RosterReading } from './read-roster.ts';
export {
  addGuests,
  addRemarks,
  admitWaiting,
  changeParticipant,
  removeParticipants,
  placesLeft,
  settleRemark,
  type NewGuest,
} from './guests.ts';
export { freeWordsOf, withFreeWords, type FreeWord } from './free-words.ts';
export { moveParticipant, setStationGriddles, swapParticipants, type Seat } from './moves.ts';
export { moveToKitchen, seatAll } from './seat.ts';
export { gapsOf, giveInstead, insteadOf, type Gap, type Instead, type Shelved } from './instead.ts';
export { acceptNews, bookingNews, declineNews, readBookings, type Booking, type BookingNews } from './bookings.ts';

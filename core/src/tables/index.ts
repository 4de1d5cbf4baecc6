/**
 * Every table of the application as CSV. Begin with `csv.ts`, which says what a table is; figures are those of the screen, in one's own
 * measures, and no id of the files is among them.
 */
export { csvOf, type Table } from './csv.ts';
export { classTables, doughTable, shoppingTable, type TablesOf } from './class-tables.ts';
export { breadTables, kitchenTables, libraryTable, pantryTable } from './stock-tables.ts';

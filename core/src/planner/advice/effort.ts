/** The effort with which advice plans a changed class: many are tried, and each only has to show whether it helps. */
export const EFFORT = 1;

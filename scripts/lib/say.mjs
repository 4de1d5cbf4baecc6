/** What the scripts print: one plain line each. */
export function say(line) {
  console.log(line);
}

/** One clear line on standard error, and the end of the process with a status that is not zero. */
export function stop(line, status = 1) {
  console.error(`hodsman: ${line}`);
  process.exit(status);
}

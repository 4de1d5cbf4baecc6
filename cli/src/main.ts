import { check } from './check.ts';
import { importFile } from './import.ts';
import { plan } from './plan.ts';
import { writeDocs } from './write-docs.ts';

const COMMANDS: Readonly<Record<string, (list: readonly string[]) => number | Promise<number>>> = {
  plan,
  check,
  import: importFile,
  formats: writeDocs,
};

const [name = '', ...rest] = process.argv.slice(2);
const command = COMMANDS[name];
if (command) process.exitCode = await command(rest);
else {
  console.error(`${name}: is no command, expected one of ${Object.keys(COMMANDS).join(', ')}`);
  process.exitCode = 2;
}

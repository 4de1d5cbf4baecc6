import { planClass } from '@hodsman/core';
import { sizedClass, type SizedShape } from '@hodsman/core/testing';

/** Plans the class of its argument once and prints the most memory that the process ever had, in MB. */
planClass(sizedClass(JSON.parse(process.argv[2] ?? '') as SizedShape));
const KB_PER_MB = 1000;
process.stdout.write(String(process.resourceUsage().maxRSS / KB_PER_MB));

/** How often a slow property is run: so often by default, more in the nightly run, less in the quick one (HODSMAN_TEST_RUNS). */
export const runs = (usual: number): number =>
  Math.max(5, Math.round(usual * Number(process.env['HODSMAN_TEST_RUNS'] ?? '1')));

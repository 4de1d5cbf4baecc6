import { measuresOfCountry, type OwnMeasures } from '@hodsman/core/units';

/** What is proposed on this device: the measures of the country of its language. */
export const proposedMeasures = (): OwnMeasures =>
  measuresOfCountry(
    new Intl.Locale(navigator.language).region ?? new Intl.Locale(navigator.language).maximize().region ?? '',
  );

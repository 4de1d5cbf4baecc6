/**
 * What recipes measure with, beside weights and litres, in one vocabulary: each is the source of a pattern of words in one spelling
 * (`normalLine`), in the singular and the plural.
 */
export const VESSELS = String.raw`egg ?cups?|(?:(?:US|American|metric|UK) )?cups?|mugs?|glass(?:es)?|bowls?|jars?|tubs?|pots?|tins?|cans?|jugs?|beakers?|tumblers?|teacups?|ladles?|scoops?|measures?|parts?|(?:cup|glass|mug|bowl|ladle)fuls?`;
export const SPOONS = String.raw`tbsps?|tsps?|(?:(?:tea|table|dessert|coffee) ?)?spoon(?:ful)?s?`;
/** What a hand takes, and nobody weighs. */
export const HANDS = String.raw`pinch(?:es)?|handfuls?|knobs?|splash(?:es)?|drizzles?|glugs?|dash(?:es)?|drops?|sprigs?|bunch(?:es)?`;
export const PACKS = String.raw`sachets?|packets?|envelopes?|packs?|bottles?|cartons?|sticks?|cubes?|blocks?`;
export const WEIGHTS = String.raw`k?g|mg|oz|lbs?|pounds?|ounces?|kilos?|kilograms?|grams?`;
export const VOLUMES = String.raw`m?l|cl|dl|fl oz|pts?|pints?|quarts?|gills?|(?:milli)?lit(?:re|er)s?`;
/** What recipes call the breads that they make. */
export const BREADS = String.raw`flatbreads?|breads?|rounds?|pieces?|pcs|wraps?|cakes?|naans?|pitas?|rotis?|chapatt?is?|tortillas?|parathas?|farls?|pancakes?|bannocks?|discs?|loaves|kulchas?|laff?as?|puris?|msemens?`;
/** That a figure is only so much. */
export const ABOUT = String.raw`(?:(?:about|around|roughly|approx\.?|approximately|ca\.?|some) |~ ?)?`;
/** "on each", "over one half of every round": who an amount is for. */
export const ONTO_EACH = String.raw`(?:on|onto|in|into|over|for|to) (?:(?:(?:the )?(?:one |1 )?half|the (?:middle|cent(?:re|er)|top)|(?:one|1) side) of )?(?:each|every)(?: (?:one|piece|bread|round|disc|flatbread|ball))?`;

/** An amount, and nothing more. */
export const ONLY_AMOUNT = new RegExp(
  `^[\\s•*-]*(?:\\d[\\d.,/]*(?: ?[½¼¾]| \\d\\/\\d)?|[½¼¾]) ?(?:k?g|m?l|%|oz|lb|grams?|${VESSELS}|${SPOONS}|${HANDS}|${PACKS})\\s*$`,
  'iu',
);

import barleyHearth from '../../../demo/breads/barley-hearth.json';
import bolani from '../../../demo/breads/bolani.json';
import buckwheatWrap from '../../../demo/breads/buckwheat-wrap.json';
import coilRound from '../../../demo/breads/coil-round.json';
import foldedSquare from '../../../demo/breads/folded-square.json';
import grillRound from '../../../demo/breads/grill-round.json';
import oilLeaf from '../../../demo/breads/oil-leaf.json';
import piadina from '../../../demo/breads/piadina.json';
import piadinaOil from '../../../demo/breads/piadina-oil.json';
import pocketRound from '../../../demo/breads/pocket-round.json';
import pocketRoundPowder from '../../../demo/breads/pocket-round-powder.json';
import potatoRound from '../../../demo/breads/potato-round.json';
import round from '../../../demo/breads/round.json';
import scaldedWrap from '../../../demo/breads/scalded-wrap.json';
import sodaFarl from '../../../demo/breads/soda-farl.json';
import sourRound from '../../../demo/breads/sour-round.json';
import tigelle from '../../../demo/breads/tigelle.json';
import yogurtOval from '../../../demo/breads/yogurt-oval.json';
import yogurtOvalSoya from '../../../demo/breads/yogurt-oval-soya.json';

/** The library that a new database starts with. */
export const DEMO_BREADS = [
  barleyHearth,
  bolani,
  buckwheatWrap,
  coilRound,
  foldedSquare,
  grillRound,
  oilLeaf,
  piadina,
  piadinaOil,
  pocketRound,
  pocketRoundPowder,
  potatoRound,
  round,
  scaldedWrap,
  sodaFarl,
  sourRound,
  tigelle,
  yogurtOval,
  yogurtOvalSoya,
] as const;

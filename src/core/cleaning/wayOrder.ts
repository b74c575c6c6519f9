import { SUPPLY_SOURCES, type Way } from './way';

/** What has never been rated here counts as this, and ratings as few as one or two are drawn toward it. */
const UNRATED = 6;
const UNRATED_WEIGHS = 2;

const expected = ({ went }: Way): number =>
  went === null ? UNRATED : (went.mean * went.times + UNRATED * UNRATED_WEIGHS) / (went.times + UNRATED_WEIGHS);

/** What needs several things bought first is no better for being made for the job. */
const madeRank = ({ made, candidate }: Way): number =>
  candidate === null ? 1 : made && candidate.from !== 'more-missing' ? 2 : 0;

const supplyRank = ({ candidate }: Way): number => (candidate ? SUPPLY_SOURCES.indexOf(candidate.from) : 0);

/** Of what merely fits: what names the surface before what does not, what is made for much before what is for one thing. */
const nearRank = ({ near, made }: Way): number =>
  near === null || made ? 0 : Number(near.isNamed) * MANY_PLACES + near.breadth;
const MANY_PLACES = 1000;

/** The better way first. Standing, then what bothers nobody who lives here, then what is made for the job, then how it went here, then what is at hand, then the least work, then what comes near by its own list. */
export const byRank = (a: Way, b: Way): number =>
  a.method.standing - b.method.standing ||
  Number(a.bothersHousehold) - Number(b.bothersHousehold) ||
  madeRank(b) - madeRank(a) ||
  expected(b) - expected(a) ||
  supplyRank(a) - supplyRank(b) ||
  a.effort - b.effort ||
  a.cautions.length - b.cautions.length ||
  nearRank(b) - nearRank(a) ||
  (a.dwell?.bestMinutes ?? 0) - (b.dwell?.bestMinutes ?? 0) ||
  b.effect - a.effect;

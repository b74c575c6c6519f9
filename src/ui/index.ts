/** The door of the interface parts: they draw what they are given and know no feature. */
export { Action } from './Action';
export { BottleDrawing } from './BottleDrawing';
export { Choice } from './Choice';
export { Field } from './Field';
export { FindingCard, VerdictBanner } from './FindingCard';
export { LabelCard, type Ended } from './LabelCard';
export { Leads } from './Leads';
export { loadFonts } from './loadFonts';
export { NoticeBar, NoticeProvider, useNotice } from './Notice';
export { dayText, errorText, massText, readable, volumeText } from './numbers';
export { Places, useWide, type PlaceId, type SideId } from './Places';
export { Row } from './Row';
export { Part, Screen } from './Screen';
export { Sheet } from './Sheet';
export { COLORS, elementsTheme, SPACE } from './theme';
export { LEVEL_WORD, VerdictMark } from './VerdictMark';
export { TwoPanes } from './TwoPanes';
export { Body, Figure, Heading, Kind, Soft, Title } from './Words';

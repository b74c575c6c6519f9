import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import {
  evaluate,
  GUIDE_STEP_KEYS,
  labelOf,
  NO_RATING,
  SOURCES,
  startTimer,
  STARTER_FORMULAS,
  timerAt,
  DEFAULT_CONTEXT,
  VESSEL_SHAPES,
  vesselProfile,
  type Formula,
  type Level,
  type Timer,
  type Vessel,
} from '@/core';
import {
  Action,
  Alert,
  BareTextInput,
  Body,
  BottleDrawing,
  Choice,
  Columns,
  Field,
  Figure,
  FindingCard,
  Heading,
  LabelCard,
  LEVEL_WORD,
  LinkPressable,
  ListDetail,
  Overline,
  PhScale,
  Picker,
  Ratings,
  Row,
  Screen,
  SecondaryText,
  Section,
  Sheet,
  Slider,
  SPACE,
  StepSign,
  TimerFace,
  TimerLine,
  TimerRing,
  Title,
  TwoSteps,
  useNotice,
  VerdictBanner,
  VerdictMark,
  VerdictStrip,
  Working,
} from '@/ui';

const LEVELS: readonly Level[] = ['danger', 'defeats', 'caution', 'clear'];
const nothing = (): void => undefined;
const NOW = '2026-11-26T10:00:00.000Z';
const NOW_MS = Date.parse(NOW);

/** A mixture with something to find, and a bottle. */
const [STARTER] = STARTER_FORMULAS;
const CANCELLING: Formula | undefined = STARTER && {
  ...STARTER,
  name: 'Vinegar and soda',
  lines: [
    { id: '1', ingredient: { kind: 'known', id: 'white-vinegar' }, amount: cup(1) },
    { id: '2', ingredient: { kind: 'known', id: 'baking-soda' }, amount: cup(0.5) },
  ],
};
function cup(value: number) {
  return { kind: 'volume' as const, value: { low: value, high: value }, unit: 'cup' as const };
}
const BOTTLE: Vessel = {
  id: 'v',
  name: 'Galley spray',
  shape: 'straight-spray',
  capacityML: 500,
  material: 'hdpe',
  opaque: true,
};

/** A wait at each of its phases. */
const waitAt = (minutesAgo: number, kind: Timer['kind'] = 'dwell'): Timer =>
  startTimer(
    {
      id: `${kind}-${minutesAgo}`,
      kind,
      name: 'Wall spray',
      place: 'Shower tray',
      usefulMinutes: 5,
      bestMinutes: 15,
      longestMinutes: 30,
      mustComeOff: true,
      rewetEveryMinutes: 8,
    },
    new Date(NOW_MS - minutesAgo * 60_000).toISOString(),
  );
const WAITS = [waitAt(1), waitAt(8), waitAt(20), waitAt(40), waitAt(2, 'own')];

/** One part under its name, in every state it has. */
function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Section>
      <Overline>{name}</Overline>
      <View style={{ gap: SPACE.s }}>{children}</View>
    </Section>
  );
}

/** Every part of the interface in every state, for whoever changes one. In development alone. */
export function GalleryScreen() {
  return (
    <Screen
      broad
      next={
        <TwoSteps
          next={<Action title="Main" weight="main" onPress={nothing} />}
          other={<Action title="Other" onPress={nothing} />}
        />
      }
    >
      <Title>Gallery</Title>
      <Columns left={<Writing />} right={<Verdicts />} />
      <Columns left={<Controls />} right={<Pictures />} />
      <ListDetail list={<Row title="In the list" to="/gallery" onPress={nothing} selected />} listWidth={240}>
        <Body>The detail beside a list: one of them alone on a phone.</Body>
      </ListDetail>
    </Screen>
  );
}

function Writing() {
  return (
    <>
      <Part name="Title · Heading · Body · SecondaryText · Overline · Figure">
        <Title>Title</Title>
        <Heading>Heading</Heading>
        <Body>Body</Body>
        <SecondaryText>SecondaryText</SecondaryText>
        <Overline>Overline</Overline>
        <Figure>225 mL</Figure>
      </Part>
      <Part name="Action">
        {(['plain', 'main', 'danger', 'quiet'] as const).map((weight) => (
          <View key={weight} style={{ gap: SPACE.xs }}>
            <Action title={weight} weight={weight} onPress={nothing} />
            <Action title={`${weight}, disabled`} weight={weight} disabled onPress={nothing} />
          </View>
        ))}
      </Part>
      <Part name="Row · LinkPressable">
        <Row title="A row" detail="with its detail" to="/gallery" onPress={nothing} />
        <Row
          title="Selected"
          to="/gallery"
          onPress={nothing}
          selected
          mark={<VerdictMark level="caution" size={28} />}
        />
        <LinkPressable to="/gallery" onGo={nothing}>
          <Body>A link</Body>
        </LinkPressable>
      </Part>
    </>
  );
}

function Controls() {
  const [text, setText] = useState('');
  const [one, setOne] = useState('a');
  const [many, setMany] = useState<readonly string[]>(['a']);
  const [value, setValue] = useState(40);
  const [rating, setRating] = useState(NO_RATING);
  const [open, setOpen] = useState<'sheet' | 'picker' | null>(null);
  const say = useNotice();
  const options = ['a', 'b', 'c'].map((v) => ({ value: v, label: `Choice ${v}` }));
  return (
    <>
      <Part name="Field · BareTextInput">
        <Field label="Empty" value={text} onChangeText={setText} placeholder="for example 375" />
        <Field label="Hinted" value="1,000" onChangeText={nothing} hint="Read as 1000." />
        <Field label="Wrong" value="lots" onChangeText={nothing} error="Give a number of mL, for example 375." />
        <Field
          label="Many lines"
          value={'1 cup vinegar\n1 cup water'}
          onChangeText={nothing}
          multiline
          minHeight={90}
        />
        <BareTextInput label="Bare" value="½ cup" onChangeText={nothing} />
        <BareTextInput label="Bare, wrong" value="½ cu" onChangeText={nothing} wrong />
      </Part>
      <Part name="Choice">
        <Choice label="One" options={options} chosen={[one]} onChoose={setOne} />
        <Choice
          label="Several"
          several
          options={options}
          chosen={many}
          onChoose={(v) => setMany(many.includes(v) ? many.filter((m) => m !== v) : [...many, v])}
        />
      </Part>
      <Part name="Slider · Ratings">
        <Slider label="Much" value={value} most={100} step={1} text={`${value} mL`} onChange={setValue} />
        <Ratings rating={rating} onChange={setRating} />
      </Part>
      <Part name="Alert · Working">
        <Alert>
          <Body>What a person must know wherever they are.</Body>
          <Action title="See to it" onPress={nothing} />
        </Alert>
        <Alert tone="caution">
          <Body>What can wait a little.</Body>
          <Action title="Later" weight="quiet" onPress={nothing} />
        </Alert>
        <Working works={[{ what: 'The file is being read and checked', sinceMs: NOW_MS, stop: nothing }]} />
      </Part>
      <Part name="Sheet · Picker · Notice">
        <Action title="Open a sheet" onPress={() => setOpen('sheet')} />
        <Action title="Open a picker" onPress={() => setOpen('picker')} />
        <Action title="Say something" onPress={() => say({ text: 'It is done.', undo: nothing })} />
        <Sheet title="A sheet" open={open === 'sheet'} onClose={() => setOpen(null)}>
          <Body>What is asked.</Body>
        </Sheet>
        <Picker
          title="Which?"
          all={['Marble', 'Glass'].map((name) => ({ id: name, name, names: [] }))}
          open={open === 'picker'}
          chosen="Glass"
          onClose={() => setOpen(null)}
          onChoose={nothing}
        />
      </Part>
    </>
  );
}

function Verdicts() {
  const judged = CANCELLING ? evaluate(CANCELLING, DEFAULT_CONTEXT) : null;
  const findings = judged?.ok ? judged.value.findings : [];
  return (
    <>
      <Part name="VerdictBanner · VerdictStrip · VerdictMark">
        {LEVELS.map((level) => (
          <View key={level} style={{ gap: SPACE.xs }}>
            <VerdictBanner level={level} saying={`The banner of ${LEVEL_WORD[level].toLowerCase()}.`} />
            <VerdictStrip level={level} saying="The strip." />
            <VerdictMark level={level} />
          </View>
        ))}
      </Part>
      <Part name="FindingCard">
        {findings.map((f) => (
          <FindingCard key={f.code} finding={f} sources={f.sources.map((s) => SOURCES[s])} />
        ))}
      </Part>
      <Part name="PhScale">
        {[2.4, 7, 11.3].map((pH) => (
          <PhScale key={pH} value={pH} low={pH - 0.2} high={pH + 0.2} />
        ))}
      </Part>
    </>
  );
}

function Pictures() {
  const judged = STARTER ? evaluate(STARTER, DEFAULT_CONTEXT) : null;
  const label = STARTER && judged?.ok ? labelOf(STARTER, judged.value) : null;
  return (
    <>
      <Part name="BottleDrawing">
        {VESSEL_SHAPES.map((shape) => (
          <BottleDrawing
            key={shape.id}
            profile={vesselProfile({ ...BOTTLE, shape: shape.id, capacityML: shape.usualML })}
            top={shape.top}
            layers={[]}
            width={220}
            height={150}
          />
        ))}
      </Part>
      {label && (
        <Part name="LabelCard">
          <LabelCard label={label} madeAt={NOW} discardBy={NOW} volumeML={450} bottle="Galley spray" />
          <LabelCard label={label} madeAt={NOW} discardBy={NOW} volumeML={450} bottle="Galley spray" whole past />
          <LabelCard
            label={label}
            madeAt={NOW}
            discardBy={NOW}
            volumeML={450}
            bottle="Galley spray"
            ended={{ how: 'Emptied', at: NOW }}
          />
        </Part>
      )}
      <Part name="TimerFace · TimerRing · TimerLine">
        {WAITS.map((timer) => {
          const now = timerAt(timer, NOW_MS);
          return (
            <View key={timer.id}>
              <TimerFace timer={timer} now={now} nowMs={NOW_MS} />
              <TimerRing timer={timer} now={now} />
              <TimerLine timer={timer} now={now} onGo={nothing} />
            </View>
          );
        })}
      </Part>
      <Part name="StepSign">
        <View style={{ flexDirection: 'row', flexWrap: 'wrap' }}>
          {GUIDE_STEP_KEYS.map((key) => (
            <StepSign key={key} of={key} size={64} />
          ))}
        </View>
      </Part>
    </>
  );
}

import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View, useWindowDimensions } from 'react-native';
import { counted, listOf, type BoughtInstead } from '@/core';
import {
  insteadPerUse,
  type FormulaMoney,
  type MonthMoney,
  type MoneyReport,
  type YearMoney,
} from '@/core/doors/money';
import { useSettings } from '@/data';
import { part } from '@/parts/part';
import {
  Action,
  Alert,
  Body,
  Choice,
  Figure,
  Heading,
  ItemRow,
  moneyText,
  Overline,
  Row,
  Screen,
  SecondaryText,
  Section,
  SPACE,
  Table,
  Title,
  useWide,
} from '@/ui';
import { InsteadSheet } from './InsteadSheet';
import { monthName } from './monthWords';
import { useMoney } from './useMoney';

const CHART = {
  coming: <View style={{ height: 220 }} />,
  failed: 'The chart could not be fetched: the table is whole without it.',
};
const MonthsChart = part(async () => (await import('./MoneyCharts')).MonthsChart, CHART);
const SoFarChart = part(async () => (await import('./MoneyCharts')).SoFarChart, CHART);

/** What stands beside it on a wide screen, px, and as wide as a chart gets. */
const LIST_PX = 420;
const RAIL_PX = 168;
const WIDEST_PX = 640;

/** What is made, used, thrown away and spared, in the person's money. */
export function MoneyScreen() {
  const router = useRouter();
  const { currency } = useSettings();
  const wide = useWide();
  const { width } = useWindowDimensions();
  const { report, failed, again, hasNoPrice } = useMoney();
  const chartPX = Math.min(WIDEST_PX, (wide ? width - LIST_PX - RAIL_PX : width) - 2 * SPACE.l);
  return (
    <Screen reading>
      <Title>Money</Title>
      {failed && (
        <Alert>
          <Body>It could not be worked out.</Body>
          <Action title="Try again" onPress={again} />
        </Alert>
      )}
      {report === null && !failed && <Body>The year is being added up…</Body>}
      {hasNoPrice && (
        <Row
          title="Say what your packs cost"
          detail="Prices stand in the cupboard, with each thing"
          to="/shelf/cupboard"
          onPress={() => router.push('/shelf/cupboard')}
        />
      )}
      {report !== null && (
        <>
          <Spared report={report} currency={currency} width={chartPX} />
          <Formulas formulas={report.formulas} currency={currency} />
          <Months report={report} currency={currency} width={chartPX} />
        </>
      )}
    </Screen>
  );
}

interface SparedProps {
  readonly report: MoneyReport;
  readonly currency: string;
  readonly width: number;
}

/** What a year has spared, this one or the last, and what it is made up of. */
function Spared({ report, currency, width }: SparedProps) {
  const [isLast, setIsLast] = useState(false);
  const { year: thisYear, lastYear } = report;
  const year = isLast ? lastYear : thisYear;
  return (
    <Section>
      {lastYear.compared.uses + lastYear.alone.uses > 0 && (
        <Choice
          label="Which year"
          options={[
            { value: 'this', label: thisYear.year },
            { value: 'last', label: lastYear.year },
          ]}
          chosen={[isLast ? 'last' : 'this']}
          onChoose={(which) => setIsLast(which === 'last')}
        />
      )}
      {year.saved === null ? (
        <>
          <Heading>{`Spared in ${year.year}`}</Heading>
          <Body>
            Nothing is held beside it yet. Say below what you would buy instead of a formula, and Biscuit adds up what
            making it spares.
          </Body>
        </>
      ) : (
        <MadeUpOf year={year} saved={year.saved} isOver={isLast} currency={currency} />
      )}
      <Missing year={year} />
      {year.spent > 0 && (
        <SecondaryText>{`Ticked off shopping lists: ${moneyText(year.spent, currency)}.`}</SecondaryText>
      )}
      {year.soFar.length > 1 && <SoFar soFar={year.soFar} currency={currency} width={width} />}
    </Section>
  );
}

interface MadeUpProps {
  readonly year: YearMoney;
  readonly saved: number;
  /** True of a year that is over. */
  readonly isOver: boolean;
  readonly currency: string;
}

/** The sum, and its parts one under another. */
function MadeUpOf({ year, saved, isOver, currency }: MadeUpProps) {
  const { compared, spoiled, bottles } = year;
  const text = (money: number): string => moneyText(money, currency);
  const when = isOver ? '' : ', so far';
  return (
    <>
      <Heading>{saved < 0 ? `More than buying in ${year.year}${when}` : `Spared in ${year.year}${when}`}</Heading>
      <Figure testID="spared">{text(Math.abs(saved))}</Figure>
      <Table
        label="What it is made up of"
        figures
        rows={[
          { cells: [`${counted(compared.uses, 'use', 'uses')}, had they been bought`, text(compared.instead)] },
          { cells: ['What was made for them', text(-compared.money)] },
          ...(spoiled.bottles > 0
            ? [{ cells: [`Poured away, ${counted(spoiled.bottles, 'bottle', 'bottles')}`, text(-spoiled.money)] }]
            : []),
          ...(bottles.bottles > 0
            ? [{ cells: [`${counted(bottles.bottles, 'bottle', 'bottles')} bought`, text(-bottles.money)] }]
            : []),
          { cells: [saved < 0 ? 'More than buying' : 'Spared', text(Math.abs(saved))], strong: true },
        ]}
      />
      {spoiled.bottles + bottles.bottles === 0 && (
        <SecondaryText>No bottle was poured away, and none bought.</SecondaryText>
      )}
    </>
  );
}

/** How it adds up, drawn and as a table. */
function SoFar({ soFar, currency, width }: { soFar: YearMoney['soFar']; currency: string; width: number }) {
  return (
    <Drawn
      title="How it adds up"
      table={
        <Table
          label="Spared so far, at the end of each month"
          figures
          head={['At the end of', 'Spared so far']}
          rows={soFar.map((m) => ({ cells: [monthName(m.month), moneyText(m.money, currency)] }))}
        />
      }
      testID="so-far-table"
    >
      <SoFarChart soFar={soFar} currency={currency} width={width} />
    </Drawn>
  );
}

interface DrawnProps {
  readonly title?: string;
  readonly children: ReactNode;
  readonly table: ReactNode;
  readonly testID: string;
}

/** A chart, and the same as a table for whoever wants the figures. */
function Drawn({ title, children, table, testID }: DrawnProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      {title !== undefined && <Overline>{title}</Overline>}
      {children}
      <Action
        title={open ? 'Hide the table' : 'The same as a table'}
        weight="quiet"
        onPress={() => setOpen(!open)}
        testID={testID}
      />
      {open && table}
    </>
  );
}

/** What does not count, and what is only estimated. */
function Missing({ year }: { year: YearMoney }) {
  const { alone, unknownUses, estimatedUses, unpriced } = year;
  const said = [
    alone.uses > 0 ? `${counted(alone.uses, 'use is', 'uses are')} held beside nothing and left out.` : '',
    unknownUses > 0 ? `Of ${counted(unknownUses, 'use', 'uses')} no price is known: left out, too.` : '',
    unpriced.length > 0 ? `No price is known for ${listOf(unpriced)}: what holds them costs more.` : '',
    estimatedUses > 0
      ? `${counted(estimatedUses, 'use', 'uses')} kept no amount or price: taken as usual for such a place, at the prices of now.`
      : '',
  ].filter(Boolean);
  return said.length === 0 ? null : <SecondaryText testID="money-missing">{said.join(' ')}</SecondaryText>;
}

/** What would be bought: "glass spray £0.042 a use, £3.80 a litre". */
const insteadText = (instead: BoughtInstead, text: (money: number) => string): string =>
  `${instead.name} ${text(insteadPerUse(instead))} a use, ${text((1000 * instead.price) / instead.value)} a ${instead.unit === 'mL' ? 'litre' : 'kilo'}`;

/** What each formula costs, beside what would be bought. */
function Formulas({ formulas, currency }: { formulas: readonly FormulaMoney[]; currency: string }) {
  const [open, setOpen] = useState<FormulaMoney | null>(null);
  if (formulas.length === 0)
    return <Body>What you clean with a formula is added up here: a litre, a use, a month in each room.</Body>;
  const text = (money: number): string => moneyText(money, currency);
  return (
    <Section>
      <Heading>What a use costs</Heading>
      {formulas.map((f) => (
        <ItemRow
          key={f.formulaId}
          title={f.name}
          how={
            f.perUse === null
              ? 'No price known'
              : `${text(f.perUse)} a use${f.perL === null ? '' : ` · ${text(f.perL)} a litre`}`
          }
          detail={[
            counted(f.uses, 'use in twelve months', 'uses in twelve months'),
            f.instead ? insteadText(f.instead, text) : '',
            f.unpriced.length > 0 ? `without ${listOf(f.unpriced)}` : '',
          ]
            .filter(Boolean)
            .join(' · ')}
          testID="formula-money"
        >
          <Action
            title={f.instead ? 'Change' : 'Buy instead?'}
            label={`${f.instead ? 'Change' : 'Buy instead?'} ${f.name}`}
            weight="quiet"
            onPress={() => setOpen(f)}
            testID={`beside-${f.formulaId}`}
          />
        </ItemRow>
      ))}
      {open && (
        <InsteadSheet
          key={open.formulaId}
          formulaId={open.formulaId}
          formulaName={open.name}
          onClose={() => setOpen(null)}
        />
      )}
    </Section>
  );
}

/** Months from the first in which anything was used. */
const sinceUsed = (months: readonly MonthMoney[]): readonly MonthMoney[] =>
  months.slice(
    Math.max(
      0,
      months.findIndex((m) => m.rooms.length > 0),
    ),
  );

interface MonthsProps {
  readonly report: MoneyReport;
  readonly currency: string;
  readonly width: number;
}

/** What was used, month by month and room by room. */
function Months({ report, currency, width }: MonthsProps) {
  const { rooms } = report;
  const months = sinceUsed(report.months);
  if (rooms.length === 0) return null;
  return (
    <Section>
      <Heading>What was used, by month and room</Heading>
      <Drawn table={<MonthTables months={months} currency={currency} />} testID="months-table">
        <MonthsChart months={months} rooms={rooms} currency={currency} width={width} />
      </Drawn>
    </Section>
  );
}

/** The same figures, the newest month first. */
function MonthTables({ months, currency }: { months: readonly MonthMoney[]; currency: string }) {
  return (
    <>
      {[...months].reverse().map((m) => (
        <View key={m.month} style={styles.month}>
          <Table
            label={monthName(m.month)}
            figures
            head={[monthName(m.month), 'Uses', 'Money']}
            rows={[
              ...m.rooms.map((r) => ({ cells: [r.room, String(r.uses), moneyText(r.money, currency)] })),
              {
                cells: ['All', String(m.rooms.reduce((n, r) => n + r.uses, 0)), moneyText(m.money, currency)],
                strong: true,
              },
            ]}
          />
        </View>
      ))}
    </>
  );
}

const styles = StyleSheet.create({ month: { paddingBottom: SPACE.m } });

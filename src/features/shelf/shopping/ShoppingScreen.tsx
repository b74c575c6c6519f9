import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { counted, type PantryItem, type Purchase } from '@/core';
import { packsText, type MixtureNeed } from '@/core/doors/shopping';
import { newId, useBuy, useKeepRecord, useSavePantryItem, useTakeBack } from '@/data';
import { PantryItemForm } from '@/forms';
import {
  Action,
  Alert,
  Body,
  capital,
  Choice,
  Heading,
  ItemRow,
  massText,
  moneySign,
  moneyText,
  Row,
  Screen,
  SecondaryText,
  Section,
  Sheet,
  TickRow,
  Title,
  volumeText,
} from '@/ui';
import { AddWanted } from './AddWanted';
import { ListSheet } from './ListSheet';
import { DAYS_AHEAD, useShopping, type Shopping, type ShopLine } from './useShopping';

const AHEAD = DAYS_AHEAD.map((days) => ({ value: days, label: days === 7 ? 'A week' : `${days / 7} weeks` }));

const USUAL_DAYS = 14;

/** What the next days ask for, less what is there: a list to tick off, and what is bought stands in the cupboard. */
export function ShoppingScreen() {
  const router = useRouter();
  const { days: asked } = useLocalSearchParams<{ days?: string }>();
  const days = DAYS_AHEAD.find((d) => String(d) === asked) ?? USUAL_DAYS;
  const shopping = useShopping(days);
  const [sharing, setSharing] = useState(false);
  const { needs, toBuy, low, settings } = shopping;
  return (
    <Screen
      next={<Action title="Take the list along" weight="main" onPress={() => setSharing(true)} testID="take-along" />}
    >
      <Title>Shopping</Title>
      <Section>
        <Body>For</Body>
        <Choice
          label="For how long"
          options={AHEAD}
          chosen={[days]}
          onChoose={(d) => router.setParams({ days: String(d) })}
        />
      </Section>
      {shopping.failed && (
        <Alert>
          <Body>It could not be worked out what there is to buy.</Body>
          <Action title="Try again" onPress={shopping.again} />
        </Alert>
      )}
      {(needs === null || shopping.isStale) && !shopping.failed && (
        <Body>What the days ask for is being worked out…</Body>
      )}
      {needs !== null && (
        <>
          <ToBuy shopping={shopping} />
          {low.length > 0 && (
            <Section>
              <Heading>Running low</Heading>
              <SecondaryText>Not asked for in these days.</SecondaryText>
              {low.map((line) => (
                <Line key={line.id} line={line} currency={settings.currency} />
              ))}
            </Section>
          )}
          <Bought bought={shopping.bought} />
          <AddWanted wanted={shopping.wanted} />
          <WhatFor shopping={shopping} isEmpty={toBuy.length === 0} />
        </>
      )}
      <Row
        title="A kit for my rooms"
        detail="The fewest things that do all of it"
        to="/shelf/kit"
        onPress={() => router.push('/shelf/kit')}
      />
      <ListSheet open={sharing} onClose={() => setSharing(false)} days={days} shopping={shopping} />
    </Screen>
  );
}

function ToBuy({ shopping }: { shopping: Shopping }) {
  const router = useRouter();
  const { toBuy, price, unpriced, settings, hasNoUpkeep, wanted } = shopping;
  if (toBuy.length === 0) {
    const asksNothing = hasNoUpkeep && !wanted.some((w) => w.kind === 'formula');
    return (
      <Section>
        <Body>
          {asksNothing
            ? 'Nothing asks for anything yet: rooms with a rhythm do, and what you choose to make below.'
            : 'There is enough of everything.'}
        </Body>
        {asksNothing && (
          <Row
            title="Set up a room"
            detail="Its surfaces, and how often they want doing"
            to="/rooms/new"
            onPress={() => router.push('/rooms/new')}
          />
        )}
      </Section>
    );
  }
  const known = toBuy.length - unpriced;
  return (
    <Section>
      <Heading testID="to-buy-head">
        {`${counted(toBuy.length, 'thing', 'things')} to buy${known > 0 ? `, ${moneyText(price, settings.currency)}` : ''}`}
      </Heading>
      {known > 0 && unpriced > 0 && <SecondaryText>{`${unpriced} of them without a price yet.`}</SecondaryText>}
      {toBuy.map((line) => (
        <Line key={line.id} line={line} currency={settings.currency} />
      ))}
    </Section>
  );
}

/** A line of the list: a tick puts it into the cupboard; how it is sold is asked where nobody has said. */
function Line({ line, currency }: { line: ShopLine; currency: string }) {
  const buy = useBuy();
  const [asking, setAsking] = useState(false);
  const { id, name, how, detail, packs, replaces } = line;
  const bought = (of: Purchase['packs']): void =>
    buy.mutate({
      purchase: { id: newId(), at: new Date().toISOString(), itemId: id, name, packs: of },
      replaces,
    });
  return (
    <>
      <TickRow
        title={name}
        how={how}
        detail={detail}
        ticked={false}
        label={`Bought: ${name}${how === '' ? '' : `, ${how}`}`}
        onTick={() => (packs ? bought(packs) : setAsking(true))}
        more={
          <Action
            title={packs ? 'Packs' : 'How sold?'}
            label={`${packs ? 'Packs' : 'How sold?'} ${name}`}
            weight="quiet"
            onPress={() => setAsking(true)}
          />
        }
        testID="to-buy"
      />
      {asking && (
        <HowSold
          line={line}
          currency={currency}
          onClose={() => setAsking(false)}
          onJustBought={
            packs
              ? null
              : () => {
                  const unit = line.item.left?.unit ?? 'mL';
                  bought([{ price: null, value: Math.max(1, Math.ceil(line.short)), unit, count: 1 }]);
                  setAsking(false);
                }
          }
        />
      )}
    </>
  );
}

interface HowSoldProps {
  readonly line: ShopLine;
  readonly currency: string;
  readonly onClose: () => void;
  /** Bought as it is, whatever the pack; null where packs are known. */
  readonly onJustBought: (() => void) | null;
}

/** How an ingredient is sold: sizes and prices, from which the cheapest whole packs are chosen. */
function HowSold({ line, currency, onClose, onJustBought }: HowSoldProps) {
  const save = useSavePantryItem();
  const change = useKeepRecord('pantry');
  const { item, name } = line;
  const keep = (mine: PantryItem): void => {
    const done = { onSuccess: onClose };
    // What is not in the cupboard yet comes in with nothing of it.
    if (item.pack === null && item.alsoSold === undefined && item.left?.value === 0 && !item.own)
      save.mutate(mine, done);
    else change.mutate({ base: item, mine }, done);
  };
  return (
    <Sheet title={`How ${name.toLowerCase()} is sold`} open onClose={onClose}>
      <SecondaryText>Every size you can get. Biscuit takes the whole packs that cost the least.</SecondaryText>
      <PantryItemForm item={item} currency={moneySign(currency)} asks="packs" onKeep={keep} />
      {onJustBought && (
        <Action title="Bought already, never mind the pack" onPress={onJustBought} testID="just-bought" />
      )}
    </Sheet>
  );
}

/** What was ticked off within a day; a second tick takes it back. */
function Bought({ bought }: { bought: readonly Purchase[] }) {
  const takeBack = useTakeBack();
  if (bought.length === 0) return null;
  return (
    <Section>
      <Heading>Bought, and in the cupboard</Heading>
      {bought.map((p) => (
        <TickRow
          key={p.id}
          title={capital(p.name)}
          how={packsText(p.packs)}
          ticked
          struck
          label={`Bought: ${p.name}`}
          onTick={() => takeBack.mutate(p)}
          testID="bought"
        />
      ))}
    </Section>
  );
}

const amountText = ({ volumeML, massG }: MixtureNeed): string =>
  volumeML === null ? massText(massG ?? 0) : volumeText(volumeML);

/** What the list comes from: each mixture, how often, and where. */
function WhatFor({ shopping, isEmpty }: { shopping: Shopping; isEmpty: boolean }) {
  const { needs } = shopping;
  const [open, setOpen] = useState(false);
  if (!needs) return null;
  const { mixtures, plainTimes, noWay, items } = needs;
  const enough = items.filter((i) => i.short === 0);
  if (mixtures.length === 0 && noWay.length === 0 && plainTimes === 0) return null;
  return (
    <Section>
      <Heading>What it is for</Heading>
      {noWay.map((place) => (
        <Alert key={place}>
          <Body>{`${place}: no mixture is known for it. Its room says who to ask.`}</Body>
        </Alert>
      ))}
      {!open && !isEmpty ? (
        <Action
          title={`${counted(mixtures.length, 'mixture', 'mixtures')}, where and how often`}
          weight="quiet"
          onPress={() => setOpen(true)}
          testID="what-for"
        />
      ) : (
        <>
          {mixtures.map((m) => {
            const makes = (m.volumeML ?? 0) > 0 || (m.massG ?? 0) > 0;
            return (
              <ItemRow
                key={m.formulaId}
                title={m.name}
                detail={[
                  m.times > 0 ? counted(m.times, 'time', 'times') : '',
                  makes ? `${amountText(m)} to make` : '',
                  m.fromShelfML > 0 ? `${volumeText(m.fromShelfML)} from the shelf` : '',
                  m.places.join('; '),
                ]
                  .filter(Boolean)
                  .join(' · ')}
              />
            );
          })}
          {plainTimes > 0 && (
            <SecondaryText>{`${counted(plainTimes, 'time', 'times')} with no mixture: dry, or with plain water.`}</SecondaryText>
          )}
          {enough.length > 0 && (
            <SecondaryText>{`Enough is there of ${enough.map((i) => i.name).join(', ')}.`}</SecondaryText>
          )}
        </>
      )}
    </Section>
  );
}

import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { useBatches, useKeepNumbers, useQuarantine, useReadAll, useWriteFailures } from '@/data';
import { onNotificationTouched } from '@/devices';
import { Action, Alert, Body, useNotice } from '@/ui';
import { Alarms } from './Alarms';
import { Guard } from './Guard';
import { Losses } from './Losses';
import { MergeSheet } from './MergeSheet';
import { NewVersion } from './NewVersion';

/** What watches over an open home wherever the person is: waits, losses, writes that failed or ask something. */
export function Watch() {
  useWriteFailures(useNotice());
  useReadAll();
  useKeepNumbers();
  const router = useRouter();
  useEffect(() => onNotificationTouched((path) => router.push(path)), [router]);
  return (
    <>
      <Alarms />
      <Guard at="" instead={null}>
        <Losses />
        <Unread />
      </Guard>
      <Guard at="" instead={null}>
        <MergeSheet />
      </Guard>
      <Guard at="" instead={null}>
        <NewVersion />
      </Guard>
    </>
  );
}

/** What of the home could not be read. */
function Unread() {
  const client = useQueryClient();
  const batches = useBatches();
  const asides = useQuarantine();
  return (
    <>
      {batches.isError && (
        <Alert>
          <Body>Your home cannot be opened: {batches.error.message}</Body>
          <Action title="Try again" onPress={() => void client.resetQueries()} />
        </Alert>
      )}
      {asides.length > 0 && (
        <Alert>
          <Body>
            {asides.length === 1
              ? 'One record could not be read and stands aside'
              : `${asides.length} records could not be read and stand aside`}
            ; the rest is here. See Settings.
          </Body>
        </Alert>
      )}
    </>
  );
}

import { useState } from 'react';
import { useDiskLoss, useUnkeptDrafts } from '@/data';
import { Action, Alert, Body } from '@/ui';

/** What would be lost with this page: what the browser has cleared, or has no room for. */
export function Losses() {
  const { loss } = useDiskLoss();
  if (loss === 'cleared') return <Cleared />;
  if (loss === 'closed') return <Closed />;
  return <Unkept />;
}

/** Data that were cleared under the open page: they are in it, and can be saved from it. */
function Cleared() {
  const { isWhole, saveToFile, putBack } = useDiskLoss();
  const [wrong, setWrong] = useState<string | null>(null);
  return (
    <Alert testID="cleared">
      <Body>
        {wrong === null
          ? `This browser has cleared what Biscuit kept. ${isWhole ? 'It' : 'Part of it'} is still in this page: save it before you close it.`
          : `Not put back: ${wrong}.`}
      </Body>
      <Action title="Save it to a file" onPress={saveToFile} testID="save-memory" />
      <Action
        title="Put it back"
        onPress={() =>
          void putBack().then(
            () => window.location.reload(),
            (error: unknown) => setWrong((error instanceof Error ? error.message : String(error)).replace(/\.$/, '')),
          )
        }
        testID="put-memory-back"
      />
    </Alert>
  );
}

/** A storage the browser has closed: nothing is lost, and nothing more is saved. */
function Closed() {
  return (
    <Alert testID="closed">
      <Body>
        This browser has closed Biscuit’s storage. What was saved is there; nothing more is saved in this page.
      </Body>
      <Action title="Load the page anew" onPress={() => window.location.reload()} />
    </Alert>
  );
}

/** What is typed and can be kept nowhere. */
function Unkept() {
  const { count, tryAgain } = useUnkeptDrafts();
  if (count === 0) return null;
  return (
    <Alert testID="unkept">
      <Body>
        What you are writing is in this page alone: this device has no room for it. Leave the page open, free some
        space, and try again.
      </Body>
      <Action title="Try again" onPress={tryAgain} testID="keep-draft" />
    </Alert>
  );
}

import { Component, type ReactNode } from 'react';
import { Broken } from './Broken';

interface Props {
  /** What is drawn anew when this changes: the address. */
  readonly at: string;
  readonly children: ReactNode;
  /** What stands in its place; that it did not open, if not given. */
  readonly instead?: ReactNode;
}

interface State {
  readonly error: Error | null;
  readonly at: string;
}

/** Keeps a screen that fails to itself: the places, Safety, the alarms stand and work on. */
export class Guard extends Component<Props, State> {
  override state: State = { error: null, at: this.props.at };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  /** At another address there is another screen. */
  static getDerivedStateFromProps({ at }: Props, state: State): Partial<State> | null {
    return at === state.at ? null : { at, error: null };
  }

  override render(): ReactNode {
    const { error } = this.state;
    if (error === null) return this.props.children;
    if (this.props.instead !== undefined) return this.props.instead;
    return (
      <Broken
        error={error}
        retry={() => {
          this.setState({ error: null });
          return Promise.resolve();
        }}
      />
    );
  }
}

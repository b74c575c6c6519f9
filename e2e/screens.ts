/** A screen to be looked at: its name, where it is, a text that shows it is there, and what is done first where it needs something under way. */
export interface LookedAt {
  readonly name: string;
  readonly address: string;
  readonly shows: string;
  /** Something to be pressed at another address first; the screen then opens by itself. */
  readonly after?: { readonly address: string; readonly press: string };
}

const screen = (name: string, address: string, shows: string, after?: LookedAt['after']): LookedAt => ({
  name,
  address,
  shows,
  ...(after ? { after } : {}),
});

/** Every screen there is: `lint/screens.test.ts` holds the list against the routes. */
export const SCREENS: readonly LookedAt[] = [
  screen('Today', '/', 'Running'),
  screen('Mix', '/mix', 'To start from'),
  screen('Paste', '/mix/paste', 'Try an example'),
  screen('Bench', '/mix/pipit-porthole', 'How much of each'),
  screen('Bench, cancelling', '/mix/pipit-cancel', 'Mix it anyway'),
  screen('A new formula', '/mix/edit', 'Add an ingredient'),
  screen('A formula changed', '/mix/edit?formula=pipit-cancel', 'What goes in'),
  screen('Side by side', '/mix/compare?a=pipit-shower&b=pipit-cancel', 'What goes in, to a litre'),
  screen('Cupboard', '/shelf/cupboard', 'white vinegar'),
  screen('What a label says', '/shelf/own', 'What its label says'),
  screen('Shelf', '/shelf', 'Porthole glass'),
  screen('Shopping', '/shelf/shopping', 'to buy'),
  screen('A kit', '/shelf/kit', 'What it does'),
  screen('Label', '/shelf/pipit-b1', 'As it was made'),
  screen('What to clean', '/clean', 'Jobs in several parts'),
  screen('What is on it', '/clean?surface=pipit-tile', 'Anything else'),
  screen('Ways', '/clean?surface=pipit-tile&soil=limescale', 'Ways, the best first'),
  screen('Ways, stopped', '/clean?surface=pipit-sealant&soil=limescale', 'Stopped for now'),
  screen('Several parts', '/clean/plan?plan=bathroom-weekly&room=pipit-shower', 'Start the job'),
  screen('A job of one’s own', '/clean/plan', 'Nothing in it yet'),
  screen('Tricks', '/mix/tricks', 'Tricks people know'),
  screen('A trick', '/mix/tricks?id=drain-fizz', 'What does it better'),
  screen('Washing soda, baked', '/mix/bake', 'It weighs now, in g'),
  screen('Waits', '/clean/timers', 'A new wait'),
  screen('A wait', '/clean/timer?id=pipit-jar', 'Strained: now bottle it'),
  screen('Rooms', '/rooms', 'Shower room'),
  screen('A surface', '/rooms/pipit-grout', 'How often'),
  screen('A new room', '/rooms/new', 'Which kind?'),
  screen('Log', '/log', 'Wall tiles: limescale'),
  screen('Money', '/log/money', 'What a use costs'),
  screen('An entry', '/log/pipit-log-bought', 'Left over from the last owner'),
  screen('Something written down', '/log/new', 'With what?'),
  screen('Safety', '/safety', 'What may never meet'),
  screen('May these meet?', '/safety/meet', 'Or tap two of these'),
  screen('May these meet, answered', '/safety/meet?with=bleach&with=toilet%20cleaner', 'Breathed fumes'),
  screen('Settings', '/settings', 'I measure with'),
  screen('Mixing', '/mix/make', 'Label the bottle first', { address: '/mix/pipit-porthole', press: 'mix-it' }),
  screen('A job', '/clean/job', 'Step 1 of', {
    address: '/clean?surface=pipit-tile&soil=limescale',
    press: 'start-way',
  }),
  screen('A file opened', '/open', 'a CSV file in the'),
  screen('Nothing here', '/no/such/place', 'Nothing at this address'),
];

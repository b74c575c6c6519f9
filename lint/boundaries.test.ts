import { spawnSync } from 'node:child_process';

const TEXTS = [
  {
    file: 'src/core/quantity/range.ts',
    text: "import { mix } from '../mixture/state';\nimport React from 'react';\nexport const x = [mix, React, Date.now()];\n",
  },
  {
    file: 'src/features/log/LogScreen.tsx',
    text: "import { ShelfHome } from '@/features/shelf/ShelfPlace';\nimport { mix } from '@/core/mixture/state';\nexport const x = [ShelfHome, mix];\n",
  },
  {
    file: 'src/ui/scallop.ts',
    text: "import { readRecipe } from '../core';\nimport { useHome } from '../data';\nexport const x = [readRecipe, useHome];\n",
  },
  { file: 'src/ui/scallop.ts', text: "import type { Level } from '../core';\nexport const x: Level = 'clear';\n" },
  {
    file: 'src/features/log/LogScreen.tsx',
    text: "import { part } from '@/parts/part';\nexport const x = part(async () => (await import('./LogFiles')).LogFiles);\nexport const y = import('./LogFiles');\n",
  },
];

describe('a wrong import fails the build', () => {
  let said: string[];

  beforeAll(() => {
    const ran = spawnSync('node', ['lint/lintTexts.mjs'], { input: JSON.stringify(TEXTS), encoding: 'utf8' });
    said = (JSON.parse(ran.stdout) as string[][]).map((messages) => messages.join('\n'));
  }, 120_000);

  test('inside the core nothing looks up, and nothing looks out', () => {
    expect(said[0]).toContain('core-quantity may not import core-mixture');
    expect(said[0]).toContain("'react' import is restricted");
    expect(said[0]).toContain('Time comes in as an argument');
  });

  test('a feature sees no other feature, and the core only through its door', () => {
    expect(said[1]).toContain('feature may not import feature');
    expect(said[1]).toContain('feature may not import core-mixture');
  });

  test('the interface parts see the core’s types alone, and no data', () => {
    expect(said[2]).toContain('ui may not import core-door');
    expect(said[2]).toContain('ui may not import data');
    expect(said[3]).not.toContain('may not import');
  });

  test('what is fetched later is handed to what fetches what it stands on', () => {
    expect(said[4]?.match(/Hand an import\(\) to fetchPart\(\)/g)).toHaveLength(1);
  });
});

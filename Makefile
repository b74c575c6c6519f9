# Two commands, each enough on a fresh machine: `make demo` and `make test`.
SHELL := /bin/bash
export EXPO_OFFLINE := 1
export EXPO_NO_TELEMETRY := 1
export CI := 1

SOURCES := $(shell find src public bundle -type f 2>/dev/null | sed 's/ /\\ /g') app.json metro.config.js babel.config.js tsconfig.json package-lock.json

.PHONY: demo start dev mutate torture test bench types lint unit e2e pictures chromium export clean checks

node_modules/.installed: package.json package-lock.json
	npm ci
	@touch $@

dist/index.html: node_modules/.installed $(SOURCES)
	@rm -rf dist
	@npx expo export --platform web --source-maps --output-dir dist 1>&2
	@npx tsx bundle/finish.ts dist
	@touch $@

export: dist/index.html

## The app with the demo home, at http://127.0.0.1:4173
demo: dist/index.html
	exec node --import tsx server/main.ts --demo

## The app with your own home, at http://127.0.0.1:4173
start: dist/index.html
	exec node --import tsx server/main.ts

## A development server with fast refresh, at http://127.0.0.1:8081; with the demo home: make dev DEMO=1
dev: node_modules/.installed
	exec env -u CI $(if $(DEMO),EXPO_PUBLIC_HOME=demo) npx expo start --web --localhost --port 8081

## Mutation testing of one part of the core: make mutate PART=findings
mutate: node_modules/.installed
	@node mutation/mutate.mjs "$(PART)"

## Minutes of kills, full disks, tabs, presses, clocks, changed files and texts; its last line is JSON
torture: dist/index.html chromium
	@npx tsx torture/main.ts

## Everything that must hold: types, lint, unit tests, export, the real interface
test: node_modules/.installed
	@$(MAKE) -j2 --output-sync=target checks
	@$(MAKE) e2e
	@npx tsx torture/main.ts --short
	@echo "All checks passed."

# What needs no browser, two at a time; the longest first.
checks: dist/index.html unit lint types chromium

types: node_modules/.installed
	npx tsc --noEmit

lint: node_modules/.installed
	npx eslint . --max-warnings 0
	npx prettier --check --log-level warn .
	npx knip

unit: node_modules/.installed
	RUNS=1 npx jest

e2e: dist/index.html chromium
	npx playwright test --project checks

## The pictures in docs/screenshots, from the demo home
pictures: dist/index.html chromium
	mkdir -p docs/screenshots
	npx playwright test --project pictures

chromium:
	@command -v chromium >/dev/null || (apt-get update && apt-get install -y chromium)

## One JSON object a line; bundled first, as the app is
bench: dist/index.html chromium
	@npx esbuild bench/main.ts --bundle --platform=node --log-level=error --outfile=test-results/bench.cjs
	@node test-results/bench.cjs
	@npx tsx bench/keystrokes.ts
	@npx tsx bench/log.ts
	@(cd bench/bare && npx expo export --platform web --output-dir ../../test-results/bare) 1>&2
	@npx tsx bench/opening.ts
	@npx tsx bench/blocks.ts

clean:
	rm -rf dist node_modules .expo test-results

#!/usr/bin/env bash
# Builds or tests the interface: installs the locked packages when the lock changed, makes the API types, then runs Vite or Vitest.
set -euo pipefail
cd "$(dirname "$0")"
mkdir -p .build
lock=$(sha256sum package-lock.json package.json | sha256sum | cut -d' ' -f1)
if [ "$(cat .build/installed 2>/dev/null || true)" != "$lock" ] || [ ! -d node_modules ]; then
  npm ci --no-audit --no-fund
  echo "$lock" > .build/installed
fi
npm run --silent types
case "${1:-build}" in
  build)
    node node_modules/typescript/bin/tsc --noEmit
    node node_modules/vite/bin/vite.js build
    ;;
  test)
    node node_modules/@biomejs/biome/bin/biome check .
    REDOCLY_TELEMETRY=off REDOCLY_SUPPRESS_UPDATE_NOTICE=true node node_modules/@redocly/cli/bin/cli.js lint openapi.json
    node node_modules/vitest/vitest.mjs run
    ;;
esac

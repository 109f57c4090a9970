#!/usr/bin/env bash
# What can be said of the code without running it: by ./tinta test, in the time that nobody else wants.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
# shellcheck source=/dev/null
source ops/say.sh

# to_log NAME COMMAND... : its end is shown where it found something.
to_log() {
    local log=var/$1.log
    "${@:2}" >"$log" 2>&1 || { tail -40 "$log"; return 1; }
}

say 'Pint'
to_log pint vendor/bin/pint --test || fail 'PHP style: run vendor/bin/pint.'
say 'PHPStan'
to_log phpstan vendor/bin/phpstan analyse --no-progress --memory-limit=1G || fail 'PHPStan found something.'
to_log phpstan vendor/bin/phpstan analyse -c phpstan-app.neon --no-progress --memory-limit=1G || fail 'PHPStan found something in the application.'
say 'TypeScript'
npm run --silent types || fail 'TypeScript found something.'
say 'ESLint'
npx eslint resources/js || fail 'ESLint found something.'
say 'Words'
node ops/words.mjs --check || fail 'The catalogues do not say what the page says.'
say 'Vitest'
npx vitest run --reporter=dot || fail 'A front-end test failed.'

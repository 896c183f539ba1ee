#!/usr/bin/env bash
# Builds the front end with the machine's own npm, but only if something it is made of has changed.
set -euo pipefail
cd "$(dirname "$0")"

fingerprint() {
  find . ../docs/formats -type f \
    -not -path './node_modules/*' -not -path './dist/*' -not -name '.fingerprint*' \
    -print0 | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum
}

if [ -f dist/index.html ] && [ "$(cat .fingerprint 2>/dev/null)" = "$(fingerprint)" ]; then
  exit 0
fi
./install.sh
npm run --silent build
# The server hands out what is small already instead of making it small each time.
find dist \( -name '*.js' -o -name '*.css' -o -name '*.svg' \) -exec gzip -k -9 -n {} +
fingerprint > .fingerprint

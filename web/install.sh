#!/usr/bin/env bash
# Installs what the lock file names, if it has changed. Not `npm ci`: that refuses a lock file as soon as one optional
# package for another platform is not to be had from the registry at hand.
set -euo pipefail
cd "$(dirname "$0")"

if [ ! -d node_modules ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  npm install --no-save --no-fund --no-audit --loglevel=error
fi

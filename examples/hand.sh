#!/bin/sh
# A hand in plain shell: presses the Mark button of the Fennel for a tenth of a second.
#   RIG=http://127.0.0.1:8081 TOKEN=... examples/hand.sh [PORT]
# The token: php artisan nailrod:token 'My button box' --feed=fennel
set -eu
: "${RIG:?where the rig is}" "${TOKEN:?who asks}"
port=${1:-fennel/mark}
ask() { curl -sf -H "Authorization: Bearer $TOKEN" -d "$2" "$RIG$1"; }
hand=$(ask /hands '{"name": "hand.sh", "kind": "program"}' | sed 's/.*"hand":"\([0-9a-f]*\)".*/\1/')
ask "/hands/$hand" '{"n": 1, "inputs": [[0, "'"$port"'", 1]]}'
sleep 0.1
ask "/hands/$hand" '{"n": 2, "inputs": [[100000, "'"$port"'", 0]], "bye": true}'

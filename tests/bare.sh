#!/usr/bin/env bash
# A machine that is new: a bare Debian in a folder, with nothing but what the README wants, and a clone of what is committed in
# it. There the two commands of the README are run, without a second try for any test.
#   tests/bare.sh [--slow] [PART of bin/test ...]
# --slow holds everything to one core that three others use too, about a quarter of it. It takes an administrator, and the
# network; whatever happens, what it mounts is taken away again.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
# shellcheck source=bin/lib.sh
source bin/lib.sh

slow=''
[ "${1:-}" != --slow ] || { slow=1; shift; }
[ "$(id -u)" = 0 ] || stop 'a bare Debian takes an administrator.'
[ -z "$(git status --porcelain)" ] || step 'What is not committed is not tried.'
command -v mmdebstrap >/dev/null || { step 'mmdebstrap'; apt_install mmdebstrap; }

bare=$(mktemp -d /var/tmp/nailrod-bare.XXXXXX)
busy=()
clean() {
    # What was never begun or mounted cannot be taken away.
    set +e
    for one in "${busy[@]}"; do kill "$one" 2>/dev/null; done
    for one in tmp dev proc; do umount -R -l "$bare/$one" 2>/dev/null; done
    # Nothing of the machine itself lies below any more.
    grep -q " $bare/" /proc/mounts || rm -rf "$bare"
}
trap clean EXIT
trap 'exit 130' INT TERM

step "A bare Debian in $bare"
mmdebstrap --quiet --variant=minbase --include=ca-certificates,php8.2-cli,composer,git,procps bookworm "$bare" >/dev/null
# How this machine reaches the network: sources, keys, certificates, settings of the tools that fetch.
for one in /etc/apt/sources.list /etc/apt/sources.list.d /etc/apt/apt.conf.d /etc/apt/auth.conf.d /etc/apt/keyrings /usr/share/keyrings /etc/ssl/certs /usr/local/share/ca-certificates /etc/resolv.conf /etc/hosts /root/.npmrc /root/.config/composer; do
    [ -e "$one" ] || continue
    rm -rf "${bare:?}$one"
    mkdir -p "$bare$(dirname "$one")"
    cp -aL "$one" "$bare$one"
done
clear=(env -i HOME=/root LANG=C.UTF-8 PATH=/usr/local/bin:/usr/bin:/bin:/usr/sbin:/sbin)
while IFS='=' read -r name value; do
    case "$name" in
        *CERT* | *_CA_* | *CAINFO* | *_proxy | *_PROXY | npm_config_* | NPM_CONFIG_* | COMPOSER_*)
            clear+=("$name=$value")
            if [ -f "$value" ]; then mkdir -p "$bare$(dirname "$value")"; cp -aL "$value" "$bare$value"; fi
            ;;
    esac
done < <(env)
# Node, as its own archive lays it.
node=$(readlink -f "$(command -v node)")
mkdir -p "$bare/usr/local/bin" "$bare/usr/local/lib/node_modules"
cp "$node" "$bare/usr/local/bin/node"
cp -a "$(dirname "$(dirname "$node")")/lib/node_modules/npm" "$bare/usr/local/lib/node_modules/"
for one in npm npx; do ln -s "../lib/node_modules/npm/bin/$one-cli.js" "$bare/usr/local/bin/$one"; done
mount -t proc proc "$bare/proc"
mount --rbind /dev "$bare/dev"
mount --make-rslave "$bare/dev"
mount -t tmpfs -o size=6g tmpfs "$bare/tmp"
git clone --quiet --no-hardlinks . "$bare/root/nailrod"

there=()
if [ -n "$slow" ]; then
    step 'All of it on one core, beside three who use it too'
    for _ in 1 2 3; do
        taskset -c 0 bash -c 'while :; do :; done' &
        busy+=($!)
    done
    there=(taskset -c 0)
fi
in_it() { "${there[@]}" chroot "$bare" "${clear[@]}" "$@"; }

step 'bin/start'
began=$SECONDS
in_it bash -c 'cd /root/nailrod && exec bin/start --port 18080' &
started=$!
until php -r 'exit(@file_get_contents("http://127.0.0.1:18080/icon.svg") === false ? 1 : 0);'; do
    kill -0 "$started" 2>/dev/null || stop 'bin/start ended.'
    sleep 1
done
step "It answers after $((SECONDS - began)) s"
in_it bash -c 'pkill -TERM -f bin/supervise.php' || kill "$started"
ended=0
wait "$started" || ended=$?
# 143: ended by the signal that asked it to.
[ "$ended" = 0 ] || [ "$ended" = 143 ] || stop "bin/start ended with $ended."

step 'bin/test'
in_it bash -c 'cd /root/nailrod && exec bin/test "$@"' bash "$@"
step "Green after $((SECONDS - began)) s on a machine that is new"

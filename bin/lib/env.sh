# Where things are. Sourced by the commands in bin/; sets ROOT, JURAMEN_HOME, PORT and the paths below it.
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd -P)
data=${XDG_DATA_HOME:-$HOME/.local/share}
: "${JURAMEN_HOME:=$data/juramen/$(basename "$ROOT")-$(printf %s "$ROOT" | sha256sum | cut -c1-6)}"
: "${PORT:=8100}"
: "${SMTP_PORT:=$((PORT + 1))}"
: "${MAILBOX_PORT:=$((PORT + 2))}"
: "${LISTS_PORT:=$((PORT + 3))}"
: "${SITE_PORT:=$((PORT + 4))}"
export JURAMEN_HOME PORT SMTP_PORT MAILBOX_PORT LISTS_PORT SITE_PORT
RUN=$JURAMEN_HOME/run
LOGS=$JURAMEN_HOME/log
SOCKET=$RUN/mariadb.sock
URL=http://127.0.0.1:$PORT

say() { printf '%s\n' "$*" >&2; }
die() { say "$*"; exit 2; }

# A data folder whose making was interrupted: the database is made anew at once and answers. Sourced after ops/house.sh.
HOME_DIR=$(mktemp -d "$ROOT/var/half.XXXXXX")
RUN_DIR=$HOME_DIR/run
DB_PORT=$(three_free_ports 9460)
mkdir -p "$HOME_DIR"/{log,data.new/mysql} "$RUN_DIR/db"
echo half >"$HOME_DIR/data.new/ibdata1"
touch "$HOME_DIR/secrets" "$HOME_DIR/seal.keys"
chmod 755 "$HOME_DIR"
start_database >/dev/null
db_root -N -e "SELECT 1 + 1"
stop_one mariadb
rm -rf "$HOME_DIR"

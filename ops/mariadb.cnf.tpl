# The project's own MariaDB: a socket and a loopback port, data under var/.
[mariadbd]
datadir = @HOME@/data
# Its own: a second server that starts clears what it finds in a shared one.
tmpdir=@HOME@/tmp
socket = @RUN@/db/mariadb.sock
pid-file = @RUN@/db/mariadb.pid
log-error = @HOME@/log/mariadb.log
port = @DB_PORT@
bind-address = 127.0.0.1
skip-name-resolve
character-set-server = utf8mb4
collation-server = utf8mb4_unicode_ci
innodb_buffer_pool_size = @BUFFER@
innodb_log_file_size = 64M
innodb_flush_log_at_trx_commit = 1
performance_schema = OFF
max_connections = @CONNECTIONS@

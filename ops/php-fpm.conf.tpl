; The project's own PHP service: reached by a socket that only its own account may open.
[global]
pid = @RUN@/php-fpm.pid
error_log = @HOME@/log/php-fpm.log
daemonize = yes

[@POOL@]
user = @USER@
group = @GROUP@
listen = @RUN@/php.sock
listen.owner = @USER@
listen.group = @GROUP@
listen.mode = 0600
pm = static
pm.max_children = @CHILDREN@
pm.max_requests = 5000
catch_workers_output = yes
clear_env = yes
env[PATH] = /usr/bin:/bin
env[APP_ENV] = prod
env[APP_DEBUG] = 0
; All of it is said here: the file of defaults is not read at every request.
env[APP_RUNTIME_OPTIONS] = '{"disable_dotenv":true}'
env[APP_CACHE_DIR] = "@CACHE@"
env[APP_SECRET] = "@APP_SECRET@"
env[DATABASE_URL] = "@DATABASE_URL@"
env[PHOTO_DIR] = "@PHOTO_DIR@"
env[EXPORT_DIR] = "@HOME@/exports"
env[SALON_ADDRESS] = "@ADDRESS@"
env[TRUSTED_HOSTS] = "@HOSTS@"
env[LAN_ADDRESS] = "@LAN_ADDRESS@"
env[LAN_PRINT] = "@LAN_PRINT@"
env[SEAL_KEY_FILE] = "@HOME@/seal.keys"
env[LAST_COPY_FILE] = "@HOME@/backups/last-copy"
env[LOG_FILE] = "@HOME@/log/app.log"
php_admin_value[error_log] = @HOME@/log/php-errors.log
php_admin_flag[display_errors] = off
php_admin_flag[log_errors] = on
php_admin_flag[expose_php] = off
php_admin_value[memory_limit] = 256M
php_admin_value[post_max_size] = 14M
php_admin_value[upload_max_filesize] = 13M
php_admin_value[apc.shm_size] = 64M
php_admin_value[serialize_precision] = -1

fastcgi_pass unix:@RUN@/php.sock;
fastcgi_param SCRIPT_FILENAME @ROOT@/public/index.php;
fastcgi_param SCRIPT_NAME /index.php;
fastcgi_param QUERY_STRING $query_string;
fastcgi_param REQUEST_METHOD $request_method;
fastcgi_param CONTENT_TYPE $content_type;
fastcgi_param CONTENT_LENGTH $content_length;
fastcgi_param REQUEST_URI $request_uri;
fastcgi_param DOCUMENT_ROOT @ROOT@/public;
fastcgi_param SERVER_PROTOCOL $server_protocol;
fastcgi_param REMOTE_ADDR $remote_addr;
fastcgi_param SERVER_NAME $host;
fastcgi_param SERVER_PORT $server_port;
fastcgi_param HTTPS $https if_not_empty;
fastcgi_param HTTP_PROXY "";
# Ours, whatever was sent: what a line of the log says is in the answer and in the access log too.
fastcgi_param HTTP_X_REQUEST_ID $request_id;

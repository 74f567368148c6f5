# The project's own nginx: loopback only; the built front end as files, the API through PHP.
daemon on;
user @USER@ @GROUP@;
worker_processes 2;
pid @RUN@/nginx.pid;
error_log @HOME@/log/nginx.log warn;
events { worker_connections 512; }
http {
    types {
        text/html html; text/css css; application/javascript js mjs; application/json json; application/manifest+json webmanifest;
        image/svg+xml svg; image/png png; font/woff2 woff2; font/woff woff; text/plain txt;
    }
    default_type application/octet-stream;
    # What is looked for is not written down, nor what opens an owner's page.
    map $request_uri $logged { "~^/(?<what>agreement|care|date|receipt|history|calendar)/" "/$what/-"; "~^(?<path>[^?]*)" $path; }
    log_format thistle '$remote_addr [$time_iso8601] "$request_method $logged" $status $body_bytes_sent $request_time $request_id';
    access_log @HOME@/log/access.log thistle;
    client_body_temp_path @HOME@/nginx/body; proxy_temp_path @HOME@/nginx/proxy; fastcgi_temp_path @HOME@/nginx/fastcgi;
    uwsgi_temp_path @HOME@/nginx/uwsgi; scgi_temp_path @HOME@/nginx/scgi;
    client_max_body_size 14m;
    server_tokens off;
    absolute_redirect off;
    sendfile on;
    gzip on; gzip_types text/css application/javascript application/json image/svg+xml; gzip_min_length 800;
    fastcgi_buffers 16 32k; fastcgi_buffer_size 64k;
    # Owners' pages leave workers for the salon: some a second from one address, two at a time in all.
    limit_req_zone $binary_remote_addr zone=owners:1m rate=4r/s;
    limit_conn_zone $server_port zone=readers:1m;
    limit_req_status 429; limit_conn_status 429;

    # A request for a name that is not ours.
    server {
        listen 127.0.0.1:@WEB_PORT@ default_server;
        access_log off;
        error_page 400 =400 /problem/bad;
        error_page 414 431 494 =414 /problem/long;
        location / { default_type application/problem+json; return 421 '{"type":"/problems/unknown-host","title":"This salon is not reached by that name.","status":421}'; }
        location = /problem/bad { internal; default_type application/problem+json; return 400 '{"type":"/problems/bad-request","title":"The request could not be read.","status":400}'; }
        location = /problem/long { internal; default_type application/problem+json; return 414 '{"type":"/problems/too-long","title":"That address or its headers are too long.","status":414}'; }
    }
    server {
        listen 127.0.0.1:@WEB_PORT@;
        server_name 127.0.0.1 localhost;
        include @HOME@/site.inc;
    }
    # On the salon's network, where it was started so.
    include @HOME@/servers/*.conf;
}

# The project's own nginx: loopback only; the built front end as files, the API through PHP.
daemon on;
worker_processes 2;
pid @HOME@/run/nginx.pid;
error_log @HOME@/log/nginx.log warn;
events { worker_connections 512; }
http {
    types {
        text/html html; text/css css; application/javascript js mjs; application/json json; application/manifest+json webmanifest;
        image/svg+xml svg; image/png png; font/woff2 woff2; font/woff woff; text/plain txt;
    }
    default_type application/octet-stream;
    access_log @HOME@/log/access.log;
    client_body_temp_path @HOME@/nginx/body; proxy_temp_path @HOME@/nginx/proxy; fastcgi_temp_path @HOME@/nginx/fastcgi;
    uwsgi_temp_path @HOME@/nginx/uwsgi; scgi_temp_path @HOME@/nginx/scgi;
    client_max_body_size 14m;
    server_tokens off;
    sendfile on;
    gzip on; gzip_types text/css application/javascript application/json image/svg+xml; gzip_min_length 800;
    fastcgi_buffers 16 32k; fastcgi_buffer_size 64k;

    server {
        listen 127.0.0.1:@WEB_PORT@;
        root @ROOT@/public/app;
        add_header X-Content-Type-Options nosniff always;
        add_header X-Frame-Options DENY always;
        add_header Referrer-Policy same-origin always;
        add_header Permissions-Policy "camera=(self), microphone=(), geolocation=()" always;
        add_header Content-Security-Policy "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; worker-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'" always;

        include @HOME@/locations/*.conf;
        location /api/ {
            include @HOME@/fastcgi.inc;
        }
        location ~ ^/(agreement|care)/ {
            include @HOME@/fastcgi.inc;
        }
        location /assets/ { expires 1y; try_files $uri =404; }
        location / { expires -1; try_files $uri /index.html; }
        error_page 413 =413 @toolarge;
        location @toolarge {
            default_type application/problem+json;
            return 413 '{"type":"/problems/too-large","title":"That is too large. A photo may be 12 MB.","status":413,"errors":[{"field":"photo","message":"is too large: at most 12 MB"}]}';
        }
        error_page 502 503 504 =503 @resting;
        location @resting {
            default_type application/problem+json;
            return 503 '{"type":"/problems/resting","title":"The salon\'s server is not answering. What you typed is still here; try again in a moment.","status":503}';
        }
    }
}

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
        root @ROOT@/public/app;
        add_header X-Content-Type-Options nosniff always;
        add_header X-Frame-Options DENY always;
        add_header X-Request-Id $request_id always;
        add_header Referrer-Policy same-origin always;
        add_header Permissions-Policy "camera=(self), microphone=(), geolocation=()" always;
        add_header Content-Security-Policy "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; worker-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'" always;

        include @HOME@/locations/*.conf;
        location = /api { return 404; }
        location = /api/health { include @HOME@/fastcgi.inc; }
        location /api/ {
            if (-f @HOME@/closed) { return 418; }
            include @HOME@/fastcgi.inc;
        }
        location ~ ^/(agreement|care|date|receipt|history|calendar)/ {
            if (-f @HOME@/closed) { return 418; }
            limit_req zone=owners burst=20 nodelay;
            limit_conn readers 2;
            include @HOME@/fastcgi.inc;
        }
        location /assets/ { expires 1y; try_files $uri =404; }
        location / { expires -1; try_files $uri /index.html; }
        error_page 400 =400 /problem/bad;
        location = /problem/bad { internal;
            default_type application/problem+json;
            return 400 '{"type":"/problems/bad-request","title":"The request could not be read.","status":400}';
        }
        error_page 403 404 =404 /problem/missing;
        location = /problem/missing { internal;
            default_type application/problem+json;
            return 404 '{"type":"/problems/not-found","title":"There is nothing at this address.","status":404}';
        }
        error_page 405 =405 /problem/method;
        location = /problem/method { internal;
            default_type application/problem+json;
            return 405 '{"type":"/problems/method-not-allowed","title":"This address does not take that method.","status":405}';
        }
        error_page 413 =413 /problem/toolarge;
        location = /problem/toolarge { internal;
            default_type application/problem+json;
            return 413 '{"type":"/problems/too-large","title":"That is too large. A photo may be 12 MB.","status":413,"errors":[{"field":"photo","message":"is too large: at most 12 MB"}]}';
        }
        error_page 414 431 494 =414 /problem/long;
        location = /problem/long { internal;
            default_type application/problem+json;
            return 414 '{"type":"/problems/too-long","title":"That address or its headers are too long.","status":414}';
        }
        error_page 429 =429 /problem/slower;
        location = /problem/slower { internal;
            default_type application/problem+json;
            add_header Retry-After 2 always;
            return 429 '{"type":"/problems/too-many-requests","title":"That was asked too often. Wait a moment and try again.","status":429}';
        }
        # A copy is being put back: nothing is taken that would be gone a moment later.
        error_page 418 =503 /problem/closed;
        location = /problem/closed { internal;
            default_type application/problem+json;
            add_header Retry-After 5 always;
            return 503 '{"type":"/problems/closed","title":"An earlier copy of the salon is being put back just now. What you typed is still here; try again in a minute.","status":503}';
        }
        error_page 502 503 504 =503 /problem/resting;
        location = /problem/resting { internal;
            default_type application/problem+json;
            add_header Retry-After 3 always;
            return 503 '{"type":"/problems/resting","title":"The salon\'s server is not answering. What you typed is still here; try again in a moment.","status":503}';
        }
    }
}

# The salon's network, over TLS; who comes without it is shown how to trust the salon's own root.
server {
    listen @LAN_PORT@ ssl default_server;
    server_name _;
    ssl_certificate @HOME@/tls/salon.crt; ssl_certificate_key @HOME@/tls/salon.key;
    ssl_protocols TLSv1.2 TLSv1.3;
    access_log off;
    error_page 497 =200 @plain;
    location / { default_type application/problem+json; return 421 '{"type":"/problems/unknown-host","title":"This salon is not reached by that name.","status":421}'; }
    location @plain { types { text/html html; application/x-x509-ca-cert crt; } root @HOME@/tls/open; add_header X-Content-Type-Options nosniff always; add_header Content-Security-Policy "default-src 'none'; style-src 'unsafe-inline'" always; if ($uri != /salon-root.crt) { rewrite ^ /index.html break; } }
}
server {
    listen @LAN_PORT@ ssl;
    server_name @LAN_NAME@;
    ssl_certificate @HOME@/tls/salon.crt; ssl_certificate_key @HOME@/tls/salon.key;
    ssl_protocols TLSv1.2 TLSv1.3;
    error_page 497 =200 @plain;
    location @plain { types { text/html html; application/x-x509-ca-cert crt; } root @HOME@/tls/open; add_header X-Content-Type-Options nosniff always; add_header Content-Security-Policy "default-src 'none'; style-src 'unsafe-inline'" always; if ($uri != /salon-root.crt) { rewrite ^ /index.html break; } }
    include @HOME@/site.inc;
}

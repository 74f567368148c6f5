# What a salon's address answers, on loopback and on its network alike.
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

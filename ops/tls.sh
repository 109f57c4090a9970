# Reached from the salon's tablets: by TLS, under a name, with a certificate of somebody's or of a small authority of the salon's own.

# A certificate holds for so many days; ./tinta doctor says when it ends.
TLS_DAYS=397

command_tls() {
    [ -n "${1:-}" ] || fail 'Name the machine as the tablets call it: ./tinta tls salon.example [CERTIFICATE KEY], or ./tinta tls off'
    COMMAND=tls
    use_instance "$(chosen_instance)"
    take_lock
    if [ "$1" = off ]; then
        rm -rf "$DIR/tls"
        restart_doors
        done_saying 'Reached on this machine alone again.'
        return
    fi
    [[ "$1" =~ ^[A-Za-z0-9]([A-Za-z0-9.-]*[A-Za-z0-9])?$ ]] || fail "“$1” is no name of a machine."
    local new="$DIR/tls.new"
    rm -rf "$new"
    (umask 077 && mkdir -p "$new")
    if [ -n "${2:-}" ]; then
        [ -n "${3:-}" ] || fail 'Say both: ./tinta tls NAME CERTIFICATE KEY'
        (umask 077 && cp "$(from_caller "$2")" "$new/cert.pem" && cp "$(from_caller "$3")" "$new/key.pem") || fail 'The certificate or its key cannot be read.'
    else
        own_certificate "$1" "$new"
    fi
    check_certificate "$1" "$new"
    printf '%s' "$1" >"$new/name"
    if [ "$(id -u)" -eq 0 ]; then chown -R "$OWN_USER:" "$new"; fi
    rm -rf "$DIR/tls"
    mv "$new" "$DIR/tls"
    restart_doors
    done_saying "Tinta is at https://$1:$TLS_PORT"
    if [ -f "$DIR/tls/ca.pem" ]; then say "Put ${DIR#"$ROOT"/}/tls/ca.pem on each tablet as a trusted authority, once: it has signed this certificate, and nobody else's."; fi
}

# Signed by an authority that only this salon has: its key stays with the secrets.
own_certificate() {
    local name=$1 to=$2 kind=DNS
    [[ "$name" =~ ^[0-9.]+$ ]] && kind=IP
    (
        umask 077
        if [ ! -s "$SECRETS/ca_key.pem" ]; then
            openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -sha256 -days 3650 -subj '/CN=Tinta, this salon alone' \
                -addext 'basicConstraints=critical,CA:TRUE,pathlen:0' -addext 'keyUsage=critical,keyCertSign,cRLSign' \
                -keyout "$SECRETS/ca_key.pem" -out "$SECRETS/ca_cert.pem"
        fi
        openssl req -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -sha256 -subj "/CN=$name" -keyout "$to/key.pem" -out "$to/request.pem"
        printf 'subjectAltName=%s:%s\nbasicConstraints=CA:FALSE\nkeyUsage=digitalSignature\nextendedKeyUsage=serverAuth\n' "$kind" "$name" >"$to/extensions"
        openssl x509 -req -in "$to/request.pem" -CA "$SECRETS/ca_cert.pem" -CAkey "$SECRETS/ca_key.pem" -CAcreateserial -days "$TLS_DAYS" -sha256 -extfile "$to/extensions" -out "$to/cert.pem"
        rm -f "$to/request.pem" "$to/extensions"
        cp "$SECRETS/ca_cert.pem" "$to/ca.pem"
    ) >"$DIR/log/tls.log" 2>&1 || fail "No certificate could be made; see var/$INSTANCE/log/tls.log."
}

check_certificate() {
    local kind=-checkhost
    [[ "$1" =~ ^[0-9.]+$ ]] && kind=-checkip
    openssl x509 -in "$2/cert.pem" -noout 2>/dev/null || fail 'That is no certificate in PEM.'
    [ "$(openssl x509 -in "$2/cert.pem" -noout -pubkey 2>/dev/null)" = "$(openssl pkey -in "$2/key.pem" -pubout 2>/dev/null)" ] || fail 'The key is not the one of this certificate.'
    openssl x509 -in "$2/cert.pem" -noout -checkend 0 >/dev/null || fail 'This certificate has ended.'
    openssl x509 -in "$2/cert.pem" -noout $kind "$1" 2>/dev/null | grep -q 'does match' || fail "This certificate is not for “$1”."
}

# The doors alone are made anew: what is being weighed goes on.
restart_doors() {
    is_running nginx "$(NGINX_MARK)" || return 0
    stop_process nginx "$(NGINX_MARK)"
    start_web
}

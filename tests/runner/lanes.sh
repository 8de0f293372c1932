# Two lanes, one a core: each takes the next piece of work until none is left. A third, beside them, takes what time
# they leave, since a browser waits now and then. Sourced by bin/test.

# Works of a run, one a line: KIND NAME ARGUMENT...
line="$work/line"
# What needs no browser and nobody waits for stands in a line of its own.
beside="$work/beside"
add() { printf '%s\n' "$*" >>"$line"; }

take() (
    flock 9
    IFS= read -r first <"$line" || exit 1
    sed -i 1d "$line"
    printf '%s\n' "$first"
) 9>"$line.lock"

# lane NUMBER LINE : works until the line is empty; what each said goes into a log of its own.
lane() {
    local number=$1 line=$2 job kind name arguments
    # Ended before its end as well.
    trap 'close_browser; exit 130' INT TERM
    while job="$(take)"; do
        read -r kind name arguments <<<"$job"
        # The arguments are words.
        # shellcheck disable=SC2086
        "$kind" "$name" $arguments >"$work/$name.log" 2>&1
        tell "$name"
    done
    close_browser
}

# tell NAME : a line where all of it passed, all that it said where something failed.
tell() {
    local passed failed
    read -r passed failed <"$work/$1.counts"
    if [ "$failed" = 0 ]; then
        printf 'ok    %s (%s)\n' "$1" "$passed"
    else
        printf 'FAIL  %s\n' "$1"
        cat "$work/$1.log"
    fi
}

# check NAME : one of the static checks below, passed or failed.
check() {
    if "check_$1"; then echo "1 0" >"$work/$1.counts"; else echo "0 1" >"$work/$1.counts"; fi
}

# What was looked at is known again by its content: only what is another is looked at anew.
kept=storage/framework/checks
check_format_of_php() { TMPDIR="$PWD/$kept" vendor/bin/pint --test; }
check_analysis_of_php() { vendor/bin/phpstan analyse --memory-limit=2G --no-progress; }
check_format_of_the_screen() { npx prettier --cache --cache-location "$kept/prettier" --check resources/js; }
check_lint_of_the_screen() { npx eslint --cache --cache-strategy content --cache-location "$kept/eslint" resources/js; }
check_types_of_the_screen() { npx tsc --noEmit --incremental --tsBuildInfoFile "$kept/tsc.json"; }
check_types_of_the_contract() {
    node resources/types.mjs "$work" || return 1
    for file in contract.d.ts results.d.ts answers.json; do
        diff -q "$work/$file" "resources/js/api/$file" || return 1
    done
}

# suite NAME FILE... : tests of one suite, counted from their own report.
suite() {
    local name=$1 status=0 counts report
    shift
    report="$work/$name.xml"
    php -d opcache.enable_cli=1 vendor/bin/pest "$@" --colors=never --compact --log-junit "$report" || status=$?
    counts="$(php tests/runner/counts.php "$report")" || counts="0 1"
    # A run that broke off has failed, whatever it counted.
    [ "$status" = 0 ] || [ "${counts#* }" -gt 0 ] || counts="${counts% *} 1"
    echo "$counts" >"$work/$name.counts"
}

# add_in_parts SUITE PARTS FILE... : so many parts of about the same length, dealt out from the largest.
add_in_parts() {
    local suite=$1 parts=$2 at
    shift 2
    for ((at = 0; at < parts; at++)); do
        add suite "$suite-$((at + 1))" "$(ls -S "$@" | awk "NR % $parts == $at" | tr '\n' ' ')"
    done
}

# The counts of all that ran, as the last line; fails where anything did.
total() {
    awk '{ passed += $1; failed += $2 } END { print passed + 0 " passed, " failed + 0 " failed"; exit failed > 0 || passed == 0 }' "$work"/*.counts
}

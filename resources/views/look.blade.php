<x-page :title="$title">
    <p>A look at your ring before it is cast. Changes are cheap in wax and dear in metal: say now what you would like otherwise.</p>
    @if ($thanks)
        <p class="thanks" role="status">Thank you. Your word is with the workshop.</p>
    @endif
    @if ($wrong !== [])
        <p class="wrong" role="alert">{{ implode(' ', $wrong) }}</p>
    @endif
    <form method="post" action="/look/{{ $token }}">
        <input type="hidden" name="once" value="{{ $once }}">
        <div class="offered">
            @foreach ($drawings as $name => $drawing)
                @php($id = 'offered-'.str_replace([':', '.'], '-', $name))
                <label for="{{ $id }}">
                    <figure>{!! $drawing['svg'] !!}</figure>
                    <span><input type="radio" id="{{ $id }}" name="arrangement" value="{{ $name }}" @checked(($typed['arrangement'] ?? '') === $name || count($drawings) === 1)> {{ $drawing['title'] }}</span>
                </label>
            @endforeach
        </div>
        @if ($pictures !== [])
            <div class="pictures">
                @foreach ($pictures as $picture)
                    <img src="/look/{{ $token }}/picture/{{ $picture }}" alt="photograph of your ring">
                @endforeach
            </div>
        @endif
        <p><label>Your name <input name="name" value="{{ $typed['name'] ?? '' }}" maxlength="80" required></label></p>
        <p><label>In your own words<br><textarea name="words" rows="4" maxlength="2000">{{ $typed['words'] ?? '' }}</textarea></label></p>
        <p class="buttons">
            <button name="what" value="picks">I choose this one</button>
            <button name="what" value="asks">I would like a change</button>
            <button name="what" value="approves">It may be cast</button>
        </p>
    </form>
    @if ($said !== [])
        <h2 id="said">What was said</h2>
        <ul>
            @foreach ($said as $word)
                <li>{{ \Illuminate\Support\Carbon::parse($word['at'])->setTimezone($zone)->format('j F Y') }}, {{ $word['by'] }} {{ ['picks' => 'chose', 'asks' => 'asked for a change', 'approves' => 'said that it may be cast'][$word['what']] }}{{ $word['arrangement'] !== '' && $word['what'] === 'picks' ? ': '.($drawings[$word['arrangement']]['title'] ?? '') : '' }}{{ $word['words'] !== '' ? ': “'.$word['words'].'”' : '' }}</li>
            @endforeach
        </ul>
    @endif
    <p class="small">This page is yours alone and closes on {{ $until->format('j F Y') }}.</p>
</x-page>

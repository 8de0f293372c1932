<x-page :title="'Quote '.$quote->number">
    <p>{{ $house }}{{ $house === '' ? '' : ': ' }}what “{{ $quote->job->title }}” costs.</p>
    @if ($thanks)
        <p class="thanks" role="status">Thank you. Your word is with the workshop.</p>
    @endif
    @if ($wrong !== [])
        <p class="wrong" role="alert">{{ implode(' ', $wrong) }}</p>
    @endif
    <table aria-label="Quote">
        <tbody>
            @foreach ($quote->results['client_lines'] as $line)
                <tr><td>{{ $line['label'] }}</td><td>{{ \App\Price\Written::of($line['amount'], $quote->currency) }}</td></tr>
            @endforeach
            <tr><th>to pay</th><th>{{ \App\Price\Written::of($quote->results['total'], $quote->currency) }}</th></tr>
            <tr><td>before work begins</td><td>{{ \App\Price\Written::of($quote->results['deposit'], $quote->currency) }}</td></tr>
            <tr><td>at hand-over</td><td>{{ \App\Price\Written::of($quote->results['balance'], $quote->currency) }}</td></tr>
        </tbody>
    </table>
    @if (($quote->results['others'] ?? []) !== [])
        <h2>The same piece otherwise</h2>
        <table aria-label="Otherwise">
            <tbody>
                @foreach ($quote->results['others'] as $other)
                    <tr><td>{{ $other['label'] }}</td><td>{{ \App\Price\Written::of($other['total'], $quote->currency) }}</td></tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <p>It stands until {{ $quote->until->format('j F Y') }}{{ $isPast ? ', which is past' : '' }}.</p>
    @if ($quote->answer !== null)
        <p id="said">{{ $quote->answered_by }} {{ $quote->answer }} it on {{ $quote->answered_at?->format('j F Y') }}.{{ $quote->answer === 'accepted' ? ' The deposit is due now.' : '' }}</p>
    @elseif ($overtaken)
        <p id="said">A newer quote stands in the place of this one; the workshop has sent it, or will.</p>
    @else
        @if ($quote->words !== null)
            <p id="said">Asked: “{{ $quote->words }}”</p>
        @endif
        <form method="post" action="/quote/{{ $token }}">
            <input type="hidden" name="once" value="{{ $once }}">
            <p><label>Your name <input name="name" value="{{ $typed['name'] ?? '' }}" maxlength="80" required></label></p>
            <p><label>In your own words<br><textarea name="words" rows="3" maxlength="2000">{{ $typed['words'] ?? '' }}</textarea></label></p>
            <p class="buttons">
                <button name="what" value="accepted">I accept it</button>
                <button name="what" value="asks">I would like to ask</button>
                <button name="what" value="declined">I do not want it</button>
            </p>
        </form>
    @endif
    <p class="small">This page is yours alone.</p>
</x-page>

<x-page title="This link has ended">
    <p>It was open for a while only, or was withdrawn. Ask the workshop for a new one.</p>
</x-page>

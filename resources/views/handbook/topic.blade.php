<section class="topic" aria-labelledby="topic-{{ $topic['slug'] }}">
    <h2 id="topic-{{ $topic['slug'] }}">{{ $topic['title'] }}</h2>
    @if ($wanted === '')
        <p class="topic-lead">{{ $topic['lead'] }}</p>
        @if ($topic['caution'] !== '')
            <p class="topic-caution">{{ $topic['caution'] }}</p>
        @endif
        @if ($topic['law'] !== '')
            <p class="topic-law">{{ $topic['law'] }}</p>
        @endif
    @endif
    @foreach ($topic['rules'] as $rule)
        <article class="rule sev-{{ $rule['severity'][0] }}" id="{{ str_replace('.', '-', $rule['code']) }}">
            <p class="rule-marks">
                @foreach ($rule['severity'] as $severity)
                    <span class="sev-{{ $severity }}">{{ \App\Ground\PencilNotes::mark($severity) }}</span>
                @endforeach
            </p>
            <div>
                <p class="rule-what">{{ $rule['rule'] }}</p>
                <p class="rule-why">{{ $rule['because'] }}</p>
                @if ($rule['is_practised'])
                    <p class="rule-practise"><a
                            href="{{ route('practice.rule', $rule['code']) }}">{{ __('handbook.practise') }}</a></p>
                @endif
            </div>
            <p class="rule-source"><b>{{ __("handbook.sure.{$rule['sure']}") }}.</b> {{ $rule['source'] }}
                <code>{{ $rule['code'] }}</code></p>
        </article>
    @endforeach
    @foreach ($topic['schools'] as $question)
        <section class="schools">
            <h3>{{ __('handbook.schools') }}: {{ $question['title'] }}</h3>
            <div class="schools-row">
                @foreach ($question['schools'] as $school)
                    <div class="school-of">
                        <h4>{{ $school['name'] }}</h4>
                        <dl>
                            <dt>{{ __('handbook.gains') }}</dt>
                            <dd>{{ $school['gains'] }}</dd>
                            <dt>{{ __('handbook.risks') }}</dt>
                            <dd>{{ $school['risks'] }}</dd>
                        </dl>
                    </div>
                @endforeach
            </div>
            <p class="schools-here"><b>{{ __('handbook.default') }}:</b> {{ $question['default'] }}</p>
        </section>
    @endforeach
    @foreach ($topic['tables'] as $table)
        <figure class="handbook-table">
            <figcaption>
                <h3>{{ $table['title'] }}</h3>
                @if ($table['about'] !== '')
                    <p>{{ $table['about'] }}</p>
                @endif
                <p class="quiet">{{ __('handbook.table_basis') }}</p>
            </figcaption>
            @if ($table['picture'] !== null)
                <x-curves :curves="$table['picture']" :title="$table['title']" />
            @endif
            <div class="scrolled" tabindex="0" role="group" aria-label="{{ $table['title'] }}">
                <table class="plain">
                    <thead>
                        <tr>
                            @foreach ($table['columns'] as $column)
                                <th scope="col">{{ $column }}</th>
                            @endforeach
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($table['rows'] as $row)
                            <tr>
                                @foreach ($row as $cell)
                                    @if ($loop->first)
                                    <th scope="row">{{ $cell }}</th>@else<td>{{ $cell }}</td>
                                    @endif
                                @endforeach
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        </figure>
    @endforeach
</section>

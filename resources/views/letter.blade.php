@foreach ($lines as $line)
{!! $line !!}

@endforeach
{!! $link !!}

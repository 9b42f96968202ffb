def clean(carpet):
    carpet.wet = True

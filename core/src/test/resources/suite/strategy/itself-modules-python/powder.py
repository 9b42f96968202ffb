def clean(carpet):
    carpet.dust = False

from filters import Final, Lower, Trim

def clean(text):
    return Trim(Lower(Final())).apply(text)

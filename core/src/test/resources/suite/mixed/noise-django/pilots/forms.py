from django import forms

from .models import Passage


class PassageForm(forms.ModelForm):
    class Meta:
        model = Passage
        fields = ["pilot", "ship", "started"]

    def clean_ship(self):
        ship = self.cleaned_data["ship"].strip()
        if not ship:
            raise forms.ValidationError("a passage needs a ship")
        return ship

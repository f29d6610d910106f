"""What a maker's log teaches. Every proposal comes with its evidence; none is made from too little; none changes a sum."""

// Fields, answers and statements of a sheet are put in order by dragging them; their arrows do the same by keyboard.
(() => {
  const begin = () => document.querySelectorAll('[data-sorts]:not([data-sorting])').forEach((list) => {
    list.dataset.sorting = 'yes';
    window.Sortable.create(list, {
      draggable: '[data-item]', handle: '.grip', animation: 120, forceFallback: true, fallbackTolerance: 3, chosenClass: 'held', ghostClass: 'held',
      onEnd: ({ item, oldDraggableIndex, newDraggableIndex }) => {
        if (oldDraggableIndex === newDraggableIndex) return;
        const detail = { place: item.dataset.item, to: newDraggableIndex + 1, from: item.querySelector('.grip').id };
        document.dispatchEvent(new CustomEvent('sheet:moved', { detail }));
      },
    });
  });
  document.addEventListener('sheet:drawn', begin);
  begin();
})();
